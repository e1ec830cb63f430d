<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\Country;
use Juramen\Register\Departure;
use Juramen\Register\Language;
use Juramen\Register\Texts;
use Juramen\Wording\Phrases;

/**
 * A sheet read aloud: its numbered parts as plain sentences, each under the place it speaks of, so that two states of a
 * sheet can be compared sentence by sentence and word by word.
 */
final class Sentences
{
    /** @return list<Sentence> */
    public static function of(Sheet $sheet): array
    {
        return [
            ...self::people($sheet->draft), ...self::fields($sheet->draft), ...self::statements($sheet), ...self::confirmed($sheet),
            ...self::gift($sheet->draft), ...self::words($sheet->draft), ...self::after($sheet->draft),
            ...self::enquiry($sheet->draft), ...self::look($sheet->draft),
        ];
    }

    /** @return list<Sentence> */
    public static function ofController(Controller $controller): array
    {
        $sentences = [
            new Sentence(SheetPart::People, 'asks', "{$controller->name}, {$controller->postalAddress}, asks; people reach it at {$controller->contact}."),
            new Sentence(SheetPart::Words, 'look', "Buttons and links have the colour {$controller->accent}; mails come from {$controller->sender}."),
        ];
        foreach ($controller->notice->languages() as $language) {
            $link = $controller->notice->in($language);
            $sentences[] = new Sentence(
                SheetPart::Words, "notice of the controller {$language->value}", "The privacy notice ({$language->value}) stands at $link."
            );
        }

        return $sentences;
    }

    /** @param  list<string>  $items */
    public static function listed(array $items): string
    {
        return $items === [] ? 'nothing' : Phrases::listed(Language::English, $items);
    }

    /** @param  non-empty-list<string>  $items */
    public static function either(array $items): string
    {
        $last = array_pop($items);

        return $items === [] ? $last : implode(', ', $items)." or $last";
    }

    /** When something is shown, behind what is said of it. */
    private static function when(?Condition $when, SheetDraft $sheet): string
    {
        if ($when === null || $when->answers === []) {
            return '';
        }
        $field = array_values(array_filter($sheet->fields, static fn (Field $f): bool => $f->id->equals($when->field)))[0] ?? null;
        $words = $field?->kind instanceof Governs ? Offered::words($field->kind->offered($field, $sheet->languages[0] ?? Language::English), $when->answers)
            : $when->answers;

        return " This holds where {$when->field} is ".self::either($words === [] ? $when->answers : $words).'.';
    }

    /** @return list<Sentence> */
    private static function pages(SheetDraft $sheet): array
    {
        if (count($sheet->pages) < 2) {
            return [];
        }
        $sentences = [new Sentence(SheetPart::Asked, 'progress', 'It has '.count($sheet->pages).' pages; visitors '
            .($sheet->progress ? 'see which of them they are on.' : 'see their titles only.'))];
        foreach ($sheet->pages as $i => $page) {
            $titles = implode(' / ', array_map(static fn (Language $l): string => $page->title->orNothing($l) ?: '…', $sheet->languages));
            $on = static fn (Field|Control $item): bool => $item->page === $page->id->text || ($i === 0 && $item->page === '');
            $holds = [
                ...array_map(static fn (Field $f): string => $f->id->text, array_filter($sheet->fields, $on)),
                ...array_map(static fn (Control $c): string => "the statement {$c->statement}", array_filter($sheet->controls, $on)),
            ];
            $sentences[] = new Sentence(SheetPart::Asked, "page {$page->id}", 'Page '.($i + 1)." is “{$titles}” with ".self::listed($holds).'.');
        }

        return $sentences;
    }

    /** @return list<Sentence> */
    private static function people(SheetDraft $sheet): array
    {
        $countries = array_map(static fn (Country $c): string => $c->name(), $sheet->countries);
        $languages = array_map(static fn (Language $l): string => $l->endonym(), $sheet->languages);
        $part = SheetPart::People;

        return [
            new Sentence($part, 'name', "It is called {$sheet->name} and is a {$sheet->kind->value} form."),
            new Sentence($part, 'place', "It stands at {$sheet->place}."),
            new Sentence(
                $part, 'countries',
                $countries === [] ? 'Nobody knows where visitors come from, so the strictest rules hold.' : 'Visitors come from '.self::listed($countries).'.'
            ),
            new Sentence($part, 'languages', 'They read '.self::listed($languages).'.'),
            ...($sheet->opening->first === null ? [] : [new Sentence($part, 'opens', "It opens on {$sheet->opening->first->text}.")]),
            ...($sheet->opening->last === null ? [] : [new Sentence($part, 'closes', "Its last day is {$sheet->opening->last->text}.")]),
        ];
    }

    /** @return list<Sentence> */
    private static function fields(SheetDraft $sheet): array
    {
        $sentences = [];
        foreach ($sheet->fields as $field) {
            $labels = implode(' / ', array_map(static fn (Language $l): string => $field->label->orNothing($l) ?: '…', $sheet->languages));
            $sentences[] = new Sentence(SheetPart::Asked, "field {$field->id}",
                "“{$labels}” is ".($field->required ? 'required' : 'optional')
                    .($field->reason === '' ? '; nobody has said why it is asked.' : ", {$field->reason}.").self::when($field->when, $sheet));
            if ($field->adds) {
                $sentences[] = new Sentence(
                    SheetPart::Asked, "adds {$field->id}", 'What somebody known chooses there is added to what they chose before.'
                );
            }
            if ($field->kind->meaning() === FieldMeaning::Terms) {
                $links = implode(', ', array_map(static fn (Language $l): string => $field->terms->link->orNothing($l) ?: 'nowhere', $sheet->languages));
                $sentences[] = new Sentence(
                    SheetPart::Asked, "terms {$field->id}",
                    "It speaks of “{$field->terms->named($sheet->languages[0] ?? Language::English)}”, read at $links."
                );
            }
        }
        $sentences[] = new Sentence(
            SheetPart::Asked, 'order', 'In this order: '.self::listed(array_map(static fn (Field $f): string => $f->id->text, $sheet->fields)).'.'
        );

        return [...$sentences, ...self::pages($sheet)];
    }

    /** @return list<Sentence> */
    private static function statements(Sheet $sheet): array
    {
        $sentences = [];
        foreach ($sheet->statements as $statement) {
            $control = $sheet->draft->control($statement->id) ?? Control::tick($statement->id);
            $channels = self::listed(array_map(static fn (Channel $c): string => $c->value, $statement->channels));
            $sentences[] = new Sentence(
                SheetPart::Agreed, "statement {$statement->id}",
                ucfirst($control->kind->says())." asks for {$statement->purpose->spoken()} by $channels."
                    .($control->isNeeded() ? ' An answer is needed, and no will do.' : '').self::when($control->when, $sheet->draft)
            );
            foreach ($sheet->draft->languages as $language) {
                $words = $statement->texts->has($language) ? $statement->words($language) : 'missing.';
                $sentences[] = new Sentence(SheetPart::Agreed, "statement {$statement->id} {$language->value}", "{$language->endonym()}: $words");
            }
        }

        return $sentences;
    }

    /** @return list<Sentence> */
    private static function confirmed(Sheet $sheet): array
    {
        $rules = $sheet->rules;
        $part = SheetPart::Confirmed;
        $numbers = 'What is agreed to by SMS, phone or messaging waits until the number itself is confirmed, behind the link of a message to it.';

        return [
            new Sentence($part, 'rules', $rules->doubleOptIn
                ? "Whoever ticks gets a confirmation mail and has {$rules->lapseDays} days to press its button. Otherwise the address is deleted."
                : 'Whoever ticks is signed up at once; nobody confirms the address.'),
            new Sentence($part, 'reminder', $rules->reminderDays === 0 ? 'Nobody is reminded.' : "After {$rules->reminderDays} days we remind once."),
            ...($sheet->asksByNumber() ? [new Sentence($part, 'numbers', $numbers)] : []),
            new Sentence($part, 'network', $rules->keepNetwork ? 'With the consent, a truncated network address is kept.' : 'No network address is kept.'),
            new Sentence($part, 'screening', $rules->screening ? 'Submissions are screened.' : 'Submissions are not screened.'),
            ...array_map(static fn (Departure $d): Sentence => new Sentence($part, "departure {$d->rule->value}",
                "{$d->rule->title()} departs from the house rules ({$d->rule->says($d->value)}): {$d->reason}"), $sheet->draft->departures),
        ];
    }

    /** @return list<Sentence> */
    private static function look(SheetDraft $sheet): array
    {
        $written = $sheet->lookAsWritten();
        $shows = Texts::from($written->at('alt'))->orNothing($sheet->languages[0] ?? Language::English);

        return array_map(static fn (string $name): Sentence => new Sentence(
            SheetPart::Look, "look $name", match ($name) {
                'image' => 'An image stands above it.',
                'alt' => 'The image shows: '.($shows ?: 'nothing that is said').'.',
                default => 'Apart from the house look, '.str_replace('-', ' ', $name).' is '.($written->text($name) ?: (string) $written->number($name)).'.',
            }
        ), $written->members());
    }

    /** @return list<Sentence> */
    private static function gift(SheetDraft $sheet): array
    {
        $gift = $sheet->gift;
        if ($gift === null) {
            return [];
        }
        $name = $gift->name->model() ?: 'something that is still to be named';

        return [new Sentence(SheetPart::Confirmed, 'gift', $gift->spot ? "“{$name}” is handed over on the spot." : ($gift->file === null
            ? "“{$name}” is given, and its file is still to be chosen."
            : "“{$name}” ({$gift->file->name}, {$gift->file->sizeSaid()}) is given by a link that works for {$gift->days} days."))];
    }

    /** @return list<Sentence> */
    private static function after(SheetDraft $sheet): array
    {
        $sentences = [];
        $says = [
            'sent' => 'On the page after sending', 'confirmed' => 'On the page after confirming', 'next' => 'The next step is called',
            'next-to' => 'The next step leads to', 'sent-to' => 'Whoever sent it is led to', 'confirmed-to' => 'Whoever confirmed is led to',
        ];
        if ($sheet->after->inPlace) {
            $sentences[] = new Sentence(SheetPart::Words, 'after in place', 'What stands after sending takes the place of the form.');
        }
        foreach ($sheet->after->document()->toArray() as $what => $texts) {
            if (! is_array($texts)) {
                continue;
            }
            foreach (Texts::from($texts)->toArray() as $tag => $text) {
                $sentences[] = new Sentence(SheetPart::Words, "after $what $tag", "{$says[$what]} ($tag): {$text}");
            }
        }

        return $sentences;
    }

    /** @return list<Sentence> where what people want besides goes */
    private static function enquiry(SheetDraft $sheet): array
    {
        if (! $sheet->kind->servesSomethingElse()) {
            return [];
        }
        $sentences = [new Sentence(SheetPart::Enquiry, 'acknowledged', $sheet->acknowledges
            ? 'Whoever sends it gets a mail that it has arrived, which repeats nothing of it.' : 'Whoever sends it gets no mail about that.')];
        foreach ($sheet->recipients as $recipient) {
            $in = array_map(static fn (Language $l): string => $l->endonym(), $recipient->languages);
            $sentences[] = new Sentence(
                SheetPart::Enquiry, "recipient {$recipient->id}",
                match ($recipient->gets) {
                    RecipientGets::Whole => 'What is sent goes to ',
                    RecipientGets::Notice => 'That something was sent is told to ',
                    RecipientGets::Daily => 'How many were sent is told once a day to ',
                }.($recipient->address ?: '…')
                    .($in === [] ? '' : ', where it is in '.self::either($in)).'.'.self::when($recipient->when, $sheet)
            );
        }

        return $sentences;
    }

    /** @return list<Sentence> */
    private static function words(SheetDraft $sheet): array
    {
        return [
            ...self::texts('title', 'Title', $sheet->title, $sheet),
            ...self::texts('purpose-line', 'Line under it', $sheet->purposeLine, $sheet),
            ...self::texts('button', 'Button', $sheet->button, $sheet),
            ...self::second($sheet),
            ...($sheet->notice === null ? [] : self::texts('notice', 'Link to the privacy notice', $sheet->notice, $sheet)),
        ];
    }

    /** @return list<Sentence> other words, where there are any */
    private static function second(SheetDraft $sheet): array
    {
        $says = ['title' => 'Title for the other half', 'purpose-line' => 'Line under it for the other half', 'button' => 'Button for the other half'];
        $sentences = [];
        foreach ($says as $part => $what) {
            foreach ($sheet->second->of($part)->only(...$sheet->languages)->toArray() as $tag => $text) {
                $sentences[] = new Sentence(SheetPart::Words, "second $part $tag", "$what ($tag): $text");
            }
        }

        return $sentences;
    }

    /** @return list<Sentence> */
    private static function texts(string $about, string $what, Texts $texts, SheetDraft $sheet): array
    {
        return array_map(
            static fn (Language $l): Sentence => new Sentence(
                SheetPart::Words, "$about {$l->value}", "$what, {$l->endonym()}: ".($texts->orNothing($l) ?: 'missing.')
            ),
            $sheet->languages
        );
    }
}
