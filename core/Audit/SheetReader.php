<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Audit\Html\HtmlReader;
use Juramen\Canon\Place;
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
        $reads = array_merge(...array_map(static fn (FrozenForm $page): array => HtmlReader::read($page->html), $pages));
        $parts = new SheetParts($whole, $language, $reads);
        $links = array_map(
            static fn (PageLink $l): PageLink => new PageLink(self::placeOf($l, $whole, $language), $l->text, $l->href, $l->opens),
            array_merge(...array_map(static fn (Reading $r): array => $r->around->links, $reads)),
        );
        $house = $this->registers->house;

        return Reading::make(
            ReadingOf::Sheet, Place::of('title', $language->value), $sheet->draft->kind, 'the sheet says so', $language,
            $parts->controls(), $parts->fields(),
            // Title and line stand over the form and belong to it; the controller stands at the foot of the page.
            implode("\n", [
                $whole->draft->title->in($language), $whole->draft->purposeLine->in($language),
                ...array_map(static fn (Reading $r): string => $r->text, $reads),
            ]),
            Surroundings::of(true, $reads[0]->around->text, $links, $language),
            $house->audience($sheet->draft->countries),
            new SheetFacts(
                $controller, $sheet->rules->doubleOptIn, $house->points->doubleOptIn, $sheet->missing(),
                array_map(fn (Statement $s): StatementFacts => $this->facts($s, SheetParts::wordsOf($s, $language), $language), $sheet->statements),
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
}
