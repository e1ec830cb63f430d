<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Audit\Html\HtmlReader;
use Juramen\Points\FormKind;
use Juramen\Points\FormRenderer;
use Juramen\Points\FormWords;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Texts;
use Juramen\Wording\Lexicon;
use Juramen\Wording\Markup;
use Juramen\Wording\Phrases;
use Juramen\Wording\Statement;
use Juramen\Wording\Topic;

/**
 * Reads a sheet by reading the form that it makes, as any foreign form is read; so a sheet is judged by exactly what a
 * visitor will see. Selectors become places in the sheet's document, and what only the registers know is added.
 */
final readonly class SheetReader
{
    public function __construct(private Registers $registers) {}

    public function read(Sheet $sheet, Language $language, FormWords $words): Reading
    {
        $controller = $this->registers->controller($sheet->controller);
        $whole = $sheet->filled();
        $form = (new FormRenderer($whole, $controller, '/LANGUAGE', '/look.css'))->render($language, $words);
        $read = HtmlReader::read($form->html)[0];
        $place = fn (string $selector): string => $this->place($selector, $sheet, $language);
        $house = $this->registers->house;

        return new Reading(
            'title/'.$language->value, $sheet->kind, 'the sheet says so', $language, $language, true,
            array_map(static fn (Control $c): Control => new Control($place($c->where), $c->label, ControlRole::Consent, $c->response, $c->required, $c->refuses, $c->purposes, $c->channels), $this->consents($read, $whole, $language)),
            array_map(fn (AskedField $f): AskedField => new AskedField($place($f->where), $f->label, $f->meaning, $f->required, $this->reason($place($f->where), $sheet)), $read->fields),
            new Links(array_map(static fn (PageLink $l): PageLink => new PageLink($place($l->where), $l->text, $l->href), $read->links->all)),
            // Title and line stand over the form and belong to it; the controller stands at the foot of the page.
            $whole->title->in($language)."\n".$whole->purposeLine->in($language)."\n".$read->text, $read->around, '',
            new SheetFacts(
                $controller, $sheet->rules->doubleOptIn, $house->points->doubleOptIn, $sheet->countries,
                array_map(static fn (Language $l): string => $l->endonym(), $sheet->missing()),
                array_map(fn (Statement $s, int $i): StatementFacts => $this->facts($s, "statements/$i/texts/{$language->value}", $language), $sheet->statements, array_keys($sheet->statements)),
                array_values(array_filter($house->languages, static fn (Language $l): bool => ! $sheet->offers($l))),
            ),
        );
    }

    /** A statement by itself, as it will stand on any form with its controller's notice linked. */
    public function statement(Statement $filled, Language $language): Reading
    {
        $controller = $this->registers->controller($this->registers->purpose($filled->purpose)->controller);
        $text = Markup::words($filled->texts->in($language));
        $where = "texts/{$language->value}";
        $control = new Control($where, $text, ControlRole::Consent, Response::Unset, refuses: Lexicon::of($language)->speaksOf(Topic::Refuses, $text), channels: $filled->channels);
        $links = $controller->notice->has($language) ? [new PageLink('notice', Phrases::notice($language), $controller->notice->in($language))] : [];
        foreach (Markup::links($filled->texts->in($language)) as $words => $href) {
            $links[] = new PageLink($where, (string) $words, $href);
        }

        return new Reading(
            $where, FormKind::Other, 'it stands alone', $language, $language, true, [$control], [], new Links($links), $text, '', '',
            new SheetFacts($controller, true, true, [], [], [$this->facts($filled, $where, $language)]),
        );
    }

    private function facts(Statement $statement, string $where, Language $language): StatementFacts
    {
        $purpose = $this->registers->purpose($statement->purpose);
        $in = static fn (Texts $texts): string => $texts->has($language) ? $texts->in($language) : '';

        return new StatementFacts(
            $where, $in($purpose->names), $purpose->basis, $purpose->measures, $statement->channels, $statement->isApproved(), $in($purpose->contents), $in($purpose->rates),
            Phrases::listed($language, array_map(static fn (Processor $p): string => $p->name, $this->registers->recipients($purpose))),
        );
    }

    /** @return list<Control> every statement's control is a consent, whatever its words seem to say */
    private function consents(Reading $read, Sheet $whole, Language $language): array
    {
        $known = [];
        foreach ($read->controls as $control) {
            $known[$control->where] = $control;
        }
        $controls = [];
        foreach ($whole->statements as $statement) {
            $where = '#'.FormRenderer::controlName($statement->id);
            $controls[] = $known[$where] ?? new Control($where, Markup::words($statement->texts->in($language)), ControlRole::Consent, Response::Unset, channels: $statement->channels);
        }

        return $controls;
    }

    private function reason(string $place, Sheet $sheet): string
    {
        foreach ($sheet->fields as $i => $field) {
            if ($place === "fields/$i") {
                return $field->reason;
            }
        }

        return '';
    }

    private function place(string $selector, Sheet $sheet, Language $language): string
    {
        foreach ($sheet->fields as $i => $field) {
            if ($selector === '#'.$field->name()) {
                return "fields/$i";
            }
        }
        foreach ($sheet->statements as $i => $statement) {
            if ($selector === '#'.FormRenderer::controlName($statement->id)) {
                return "statements/$i/texts/{$language->value}";
            }
        }

        return $selector === '#notice' ? "notice/{$language->value}" : "title/{$language->value}";
    }
}
