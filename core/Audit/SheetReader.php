<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Audit\Html\HtmlReader;
use Juramen\Canon\Place;
use Juramen\Points\Control as ControlOfSheet;
use Juramen\Points\ControlKind;
use Juramen\Points\Field;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormKind;
use Juramen\Points\FormRenderer;
use Juramen\Points\FormWords;
use Juramen\Points\FrozenForm;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Audience;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Markup;
use Juramen\Wording\Phrases;
use Juramen\Wording\Statement;

/**
 * Reads a sheet by reading the form that it makes, as any foreign form is read; so a sheet is judged by exactly what a
 * visitor will see. Selectors become places in the sheet's document, and what only the registers know is added.
 */
final readonly class SheetReader
{
    public function __construct(private Registers $registers) {}

    public function read(Sheet $sheet, Language $language, FormWords $words): Reading
    {
        $controller = $this->registers->controller($sheet->draft->controller);
        $whole = $sheet->filled();
        $pages = (new FormRenderer($whole, $controller, '/LANGUAGE', '/look.css'))->pages($language, $words);
        $reads = array_map(static fn (FrozenForm $page): Reading => HtmlReader::read($page->html)[0], $pages);
        $links = array_map(
            static fn (PageLink $l): PageLink => new PageLink(self::placeOf($l, $whole, $language), $l->text, $l->href, $l->opens),
            array_merge(...array_map(static fn (Reading $r): array => $r->around->links, $reads)),
        );
        $house = $this->registers->house;

        return Reading::make(
            ReadingOf::Sheet, Place::of('title', $language->value), $sheet->draft->kind, 'the sheet says so', $language,
            [...$this->consents($reads, $whole, $language), ...self::terms($whole, $language)],
            array_map(
                static fn (Field $f): AskedField => new AskedField(
                    Place::of('fields', $f->id), $f->label->in($language), $f->kind->meaning(), $f->required, $f->reason
                ),
                array_values(array_filter($whole->draft->fields, static fn (Field $f): bool => $f->kind->meaning()->isPersonal()))
            ),
            // Title and line stand over the form and belong to it; the controller stands at the foot of the page.
            implode("\n", [
                $whole->draft->title->in($language), $whole->draft->purposeLine->in($language),
                ...array_map(static fn (Reading $r): string => $r->text, $reads),
            ]),
            Surroundings::of(true, $reads[0]->around->text, $links, $language),
            $house->audience($sheet->draft->countries),
            new SheetFacts(
                $controller, $sheet->rules->doubleOptIn, $house->points->doubleOptIn, $sheet->missing(),
                array_map(fn (Statement $s): StatementFacts => $this->facts($s, self::wordsOf($s, $language), $language), $sheet->statements),
                array_values(array_filter($house->languages, static fn (Language $l): bool => ! $sheet->draft->offers($l))),
                $house->unknownIsStrict, $sheet->draft->gift?->hasLink() === true, $sheet->draft->forChildren,
            ),
            $sheet->lacks($language),
        );
    }

    /** A statement by itself, as it will stand on any form with its controller's notice linked. */
    public function statement(Statement $filled, Language $language): Reading
    {
        $controller = $this->registers->controller($this->registers->purpose($filled->purpose)->controller);
        $text = $filled->words($language);
        $where = Place::of('texts', $language->value);
        $control = new Control(
            $where, $text, ControlRole::Consent, Response::Unset, refuses: Listener::in($language)->hears($text, Meaning::AsksForNo),
            channels: $filled->channels
        );
        $links = $controller->notice->has($language) ? [new PageLink(Place::of('notice'), Phrases::notice($language), $controller->notice->in($language))] : [];
        foreach (Markup::links($filled->texts->in($language)) as $link) {
            $links[] = new PageLink($where, $link->words, $link->href);
        }

        return Reading::make(
            ReadingOf::Statement, $where, FormKind::Other, 'it stands alone', $language, [$control], [], $text, Surroundings::of(true, '', $links, $language),
            Audience::from([]),
            new SheetFacts($controller, true, true, [], [$this->facts($filled, $where, $language)], []),
        );
    }

    private static function wordsOf(Statement $statement, Language $language): Place
    {
        return Place::of('statements', $statement->id, 'texts', $language->value);
    }

    private function facts(Statement $statement, Place $where, Language $language): StatementFacts
    {
        $purpose = $this->registers->purpose($statement->purpose);

        return new StatementFacts(
            $where, $purpose->names->orNothing($language), $purpose->basis, $purpose->measures, $statement->channels, $statement->isApproved(),
            $purpose->contents->orNothing($language), $purpose->rates->orNothing($language),
            Phrases::listed($language, array_map(static fn (Processor $p): string => $p->name, $this->registers->recipients($purpose))),
        );
    }

    /** Where in the sheet a link of its form is written. */
    private static function placeOf(PageLink $link, Sheet $sheet, Language $language): Place
    {
        foreach ($sheet->draft->fields as $field) {
            if ($link->where->text() === "#{$field->name()}-document") {
                return Place::of('fields', $field->id, 'terms', 'link', $language->value);
            }
        }

        return $link->where->text() === '#notice' ? Place::of('notice', $language->value) : Place::of('title', $language->value);
    }

    /** @return list<Control> by which terms are accepted */
    private static function terms(Sheet $whole, Language $language): array
    {
        $fields = array_values(array_filter($whole->draft->fields, static fn (Field $f): bool => $f->kind->meaning() === FieldMeaning::Terms));

        return array_map(static fn (Field $f): Control => new Control(
            Place::of('fields', $f->id, 'label', $language->value), "{$f->label->in($language)} {$f->terms->named($language)}", ControlRole::Terms,
            Response::Unset, $f->required,
        ), $fields);
    }

    /**
     * @param  list<Reading>  $reads  of the form's pages
     * @return list<Control> every statement's control is a consent, whatever its words seem to say
     */
    private function consents(array $reads, Sheet $whole, Language $language): array
    {
        $known = [];
        foreach (array_merge(...array_map(static fn (Reading $r): array => $r->controls, $reads)) as $control) {
            $known[$control->where->text()] = $control;
        }
        $controls = [];
        foreach ($whole->statements as $statement) {
            // Only a tick box is a control by itself; of the others the words stand over several inputs.
            $isTick = $whole->draft->control($statement->id)?->kind === ControlKind::Tick;
            $seen = $isTick ? $known['#'.ControlOfSheet::nameOf($statement->id)] ?? null : null;
            $controls[] = new Control(
                self::wordsOf($statement, $language), $seen->label ?? $statement->words($language), ControlRole::Consent, $seen->response ?? Response::Unset,
                $seen->required ?? false, $seen->refuses ?? false, $seen->purposes ?? [], $seen->channels ?? $statement->channels,
            );
        }

        return $controls;
    }
}
