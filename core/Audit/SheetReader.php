<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Audit\Html\HtmlReader;
use Juramen\Points\FormRenderer;
use Juramen\Points\FormWords;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;

/**
 * Reads a sheet by reading the form that it makes, as any foreign form is read; so a sheet is judged by exactly what a
 * visitor will see. Selectors become places in the sheet's document, and what only the sheet knows is added.
 */
final readonly class SheetReader
{
    /** @param  HouseRules  $house what the organisation demands of every point */
    public function __construct(private Controller $controller, private HouseRules $house) {}

    public function read(Sheet $sheet, Language $language, FormWords $words): Reading
    {
        $form = (new FormRenderer($sheet->filled(), $this->controller, '/LANGUAGE', '/look.css'))->render($language, $words);
        $read = HtmlReader::read($form->html)[0];
        $place = fn (string $selector): string => $this->place($selector, $sheet, $language);

        return new Reading(
            'title/'.$language->value, $sheet->kind, 'the sheet says so', $language, $language, true,
            array_map(static fn (Control $c): Control => new Control($place($c->where), $c->label, ControlRole::Consent, $c->response, $c->required, $c->refuses, $c->purposes, $c->channels), $this->consents($read, $sheet)),
            array_map(fn (AskedField $f): AskedField => new AskedField($place($f->where), $f->label, $f->meaning, $f->required, $this->reason($place($f->where), $sheet)), $read->fields),
            array_map(static fn (PageLink $l): PageLink => new PageLink($place($l->where), $l->text, $l->href), $read->links),
            // Title and line stand over the form and belong to it; the controller stands at the foot of the page.
            $sheet->filled()->title->in($language)."\n".$sheet->filled()->purposeLine->in($language)."\n".$read->text, $read->around, '',
            new SheetFacts($this->controller->name, $sheet->rules->doubleOptIn, $this->house->doubleOptIn, $sheet->countries, array_map(static fn (Language $l): string => $l->endonym(), $sheet->missing())),
        );
    }

    /** @return list<Control> every statement's control is a consent, whatever its words seem to say */
    private function consents(Reading $read, Sheet $sheet): array
    {
        $known = [];
        foreach ($read->controls as $control) {
            $known[$control->where] = $control;
        }
        $controls = [];
        foreach ($sheet->filled()->statements as $statement) {
            $where = '#'.FormRenderer::controlName($statement->id);
            $words = $read->language === null ? '' : $statement->texts->in($read->pageLanguage ?? $read->language);
            $controls[] = $known[$where] ?? new Control($where, $words, ControlRole::Consent, Response::Unset, channels: $statement->channels);
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
