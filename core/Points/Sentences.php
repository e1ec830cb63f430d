<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\Regime;
use Juramen\Register\Texts;
use Juramen\Wording\Markup;
use Locale;

/**
 * A sheet read aloud: its numbered parts as plain sentences, each under the place it speaks of, so that two states of a
 * sheet can be compared sentence by sentence and word by word.
 */
final class Sentences
{
    public const PARTS = [1 => 'Place and people', 2 => 'What is asked', 3 => 'What is agreed to', 4 => 'How it is confirmed', 5 => 'What visitors read'];

    /** @return array<string, array{int, string}> place to part and sentence */
    public static function of(Sheet $sheet): array
    {
        return [
            'name' => [1, "It is called {$sheet->name} and is a {$sheet->kind->value} form."],
            'place' => [1, "It stands at {$sheet->place}."],
            'countries' => [1, $sheet->countries === [] ? 'Nobody knows where visitors come from, so the strictest rules hold.' : 'Visitors come from '.self::listed(array_map(self::country(...), $sheet->countries)).'.'],
            'languages' => [1, 'They read '.self::listed(array_map(static fn (Language $l): string => $l->endonym(), $sheet->languages)).'.'],
            ...self::fields($sheet),
            ...self::statements($sheet),
            'rules' => [4, $sheet->rules->doubleOptIn
                ? "Whoever ticks gets a confirmation mail and has {$sheet->rules->lapseDays} days to press its button. Otherwise the address is deleted."
                : 'Whoever ticks is signed up at once; nobody confirms the address.'],
            'reminder' => [4, $sheet->rules->reminderDays === 0 ? 'Nobody is reminded.' : "After {$sheet->rules->reminderDays} days we remind once."],
            ...($sheet->asksByNumber() ? ['numbers' => [4, 'What is agreed to by SMS, phone or messaging waits until the number itself is confirmed; until there is a way to do that, it waits without lapsing.']] : []),
            'network' => [4, $sheet->rules->keepNetwork ? 'With the consent, a truncated network address is kept.' : 'No network address is kept.'],
            'screening' => [4, $sheet->rules->screening ? 'Submissions are screened.' : 'Submissions are not screened.'],
            ...self::departures($sheet),
            ...self::texts('title', 'Title', $sheet->title, $sheet),
            ...self::texts('purpose-line', 'Line under it', $sheet->purposeLine, $sheet),
            ...self::texts('button', 'Button', $sheet->button, $sheet),
            ...($sheet->notice === null ? [] : self::texts('notice', 'Link to the privacy notice', $sheet->notice, $sheet)),
        ];
    }

    /** @return array<string, array{int, string}> */
    public static function ofController(Controller $controller): array
    {
        $sentences = [
            'asks' => [1, "{$controller->name}, {$controller->postalAddress}, asks; people reach it at {$controller->contact}."],
            'look' => [5, "Buttons and links have the colour {$controller->accent}; mails come from {$controller->sender}."],
        ];
        foreach ($controller->notice->toArray() as $language => $link) {
            $sentences["notice of the controller $language"] = [5, "The privacy notice ($language) stands at $link."];
        }

        return $sentences;
    }

    public static function country(string $code): string
    {
        return (string) Locale::getDisplayRegion('-'.$code, 'en');
    }

    /**
     * Countries to choose from, by name: those with a regime, some neighbours, and whatever is chosen already.
     *
     * @param  list<string>  $chosen  ISO 3166-1 codes
     * @return array<string, string> code to name
     */
    public static function countries(array $chosen = []): array
    {
        $names = [];
        foreach (array_unique([...Regime::countries(), 'CH', 'US', 'AU', 'NZ', 'JP', ...array_filter($chosen)]) as $code) {
            $names[$code] = self::country($code);
        }
        asort($names);

        return $names;
    }

    /** @param  list<string>  $items */
    public static function listed(array $items): string
    {
        $last = array_pop($items) ?? 'nothing';

        return $items === [] ? $last : implode(', ', $items).' and '.$last;
    }

    /** @return array<string, array{int, string}> */
    private static function fields(Sheet $sheet): array
    {
        $sentences = [];
        foreach ($sheet->fields as $field) {
            $labels = implode(' / ', array_map(static fn (Language $l): string => $field->label->has($l) ? $field->label->in($l) : '…', $sheet->languages));
            $sentences["field {$field->name()}"] = [2, "“{$labels}” is ".($field->required ? 'required' : 'optional').($field->reason === '' ? '; nobody has said why it is asked.' : ", {$field->reason}.")];
        }
        $sentences['order'] = [2, 'In this order: '.self::listed(array_map(static fn (Field $f): string => $f->name(), $sheet->fields)).'.'];

        return $sentences;
    }

    /** @return array<string, array{int, string}> */
    private static function departures(Sheet $sheet): array
    {
        $sentences = [];
        foreach ($sheet->departures as $departure) {
            $sentences["departure {$departure->rule->value}"] = [4, "{$departure->rule->title()} departs from the house rules ({$departure->rule->says($departure->value)}): {$departure->reason}"];
        }

        return $sentences;
    }

    /** @return array<string, array{int, string}> */
    private static function statements(Sheet $sheet): array
    {
        $sentences = [];
        foreach ($sheet->statements as $statement) {
            $channels = self::listed(array_map(static fn ($c): string => $c->value, $statement->channels));
            $sentences["statement {$statement->id}"] = [3, "A tick box that starts empty asks for {$statement->purpose} by $channels."];
            foreach ($sheet->languages as $language) {
                $sentences["statement {$statement->id} {$language->value}"] = [3, $language->endonym().': '.($statement->texts->has($language) ? Markup::words($statement->texts->in($language)) : 'missing.')];
            }
        }

        return $sentences;
    }

    /** @return array<string, array{int, string}> */
    private static function texts(string $place, string $what, Texts $texts, Sheet $sheet): array
    {
        $sentences = [];
        foreach ($sheet->languages as $language) {
            $sentences["$place {$language->value}"] = [5, "$what, {$language->endonym()}: ".($texts->has($language) ? $texts->in($language) : 'missing.')];
        }

        return $sentences;
    }
}
