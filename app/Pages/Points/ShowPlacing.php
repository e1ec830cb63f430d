<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use App\Pages\Controls\PlaceId;
use App\Pages\Controls\Press;
use App\Pages\Controls\Several;
use Juramen\Points\Control;
use Juramen\Points\Field;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormPage;
use Juramen\Points\Governs;
use Juramen\Points\Labelling;
use Juramen\Points\Layout;
use Juramen\Points\Offered;
use Juramen\Points\RecipientGets;
use Juramen\Points\Sentences;
use Juramen\Points\SheetDraft;
use Juramen\Register\Country;
use Juramen\Register\Language;

/** Says where the parts of a form stand and what they hang on. */
final readonly class ShowPlacing
{
    private const NO_ANSWERS = 'Choose which answers call for it; until then it is always shown.';

    private const NOT_BEFORE = 'What it hangs on is not asked before it, so it is always shown.';

    private const TYPED = 'This is typed on the same page, so everybody sees it. Put it on a later page.';

    public function __construct(private SheetDraft $draft, private Layout $layout, private Language $language) {}

    /** @param  string  $name  what the office calls it */
    public function of(Field|Control $item, string $place, string $name): Placing
    {
        $isHidden = $item instanceof Field && $item->kind->labelling() === Labelling::None;
        $governors = $isHidden || ($item instanceof Field && $item->kind->meaning() === FieldMeaning::Email) ? [] : $this->layout->governorsFor($item);
        $governor = array_values(array_filter($governors, static fn (Field $f): bool => $item->when?->field->equals($f->id) === true))[0] ?? null;
        $options = $this->whenOptions($governors, $item->when->field->text ?? '');

        return new Placing(
            count($this->draft->pages) < 2 || $isHidden ? null : new Choice("$place/page", "Page of $name", $this->pageOptions($item)),
            count($options) < 2 ? null
                : new Choice("$place/when/field", "When $name is shown", $options),
            $governor === null ? null : $this->answers($item->when->answers ?? [], $governor, $place, $name),
            $this->hint($item, $governor),
        );
    }

    /** @return list<PageRow> */
    public function pages(): array
    {
        $rows = [];
        foreach ($this->draft->pages as $i => $page) {
            $place = "pages/{$page->id}";
            $number = $i + 1;
            $rows[] = new PageRow(
                $place, $number,
                array_map(static fn (Language $l): Line => new Line(
                    "$place/title/{$l->value}", "Title of page $number in {$l->endonym()}", $page->title->orNothing($l), "in {$l->endonym()}"
                ), $this->draft->languages),
                $this->holds($page), Press::forItem($place, "page $number", $i === 0, $i === count($this->draft->pages) - 1, 'Remove'),
            );
        }

        return $rows;
    }

    /** @return list<RecipientRow> */
    public function recipients(): array
    {
        $rows = [];
        $governors = array_values(array_filter($this->draft->fields, static fn (Field $f): bool => $f->kind instanceof Governs));
        foreach ($this->draft->recipients as $i => $recipient) {
            $place = "recipients/{$recipient->id}";
            $name = $recipient->address ?: 'recipient '.($i + 1);
            $governor = array_values(array_filter($governors, static fn (Field $f): bool => $recipient->when?->field->equals($f->id) === true))[0] ?? null;
            $in = array_map(static fn (Language $l): string => $l->endonym(), $recipient->languages);
            $rows[] = new RecipientRow(
                $place, new Line("$place/address", 'Address of recipient '.($i + 1), $recipient->address, 'an address, such as desk@tidewick.example'),
                new Choice("$place/gets", "What does $name get?", array_map(
                    static fn (RecipientGets $g): Option => new Option($g->value, $g->says(), $g === $recipient->gets), RecipientGets::cases()
                )),
                count($this->draft->languages) < 2 ? null : new Several(
                    "$place/languages", "Languages that go to $name", $in === [] ? 'any language' : Sentences::either($in), array_map(
                        static fn (Language $l): Option => new Option($l->value, $l->endonym(), in_array($l, $recipient->languages, true)),
                        $this->draft->languages
                    )
                ),
                $governors === [] ? null
                    : new Choice("$place/when/field", "When it goes to $name", $this->whenOptions($governors, $recipient->when?->field->text ?? '')),
                $governor === null ? null : $this->answers($recipient->when->answers ?? [], $governor, $place, $name),
                [new Press(PlaceId::of($place).'-remove', $place, 'Remove', "Remove $name", 'remove')],
            );
        }

        return $rows;
    }

    public function anotherRecipient(): Press
    {
        return new Press(PlaceId::of('recipients').'-another', 'recipients', 'Another recipient', 'Another recipient', 'add', 'recipient');
    }

    public function acknowledges(): Choice
    {
        return Choice::yesNo(
            'acknowledges', 'Is arrival acknowledged?', $this->draft->acknowledges, 'gets a mail that it has arrived, which repeats nothing of it',
            'gets no mail about it'
        );
    }

    /**
     * @param  list<Field>  $governors
     * @return list<Option>
     */
    private function whenOptions(array $governors, string $chosen): array
    {
        $options = ['' => 'always'];
        foreach ($governors as $field) {
            $options[$field->id->text] = 'where “'.$field->label->orNothing($this->language).'” is';
        }
        if (! isset($options[$chosen])) {
            $options[$chosen] = 'where '.str_replace('-', ' ', $chosen).' is';
        }

        return Option::all($options, [$chosen]);
    }

    public function anotherPage(): Press
    {
        return $this->draft->pages === []
            ? new Press(PlaceId::of('pages').'-another', 'pages', 'Break it into pages', 'Break the form into pages', 'add', 'page')
            : new Press(PlaceId::of('pages').'-another', 'pages', 'Another page', 'Another page', 'add', 'page');
    }

    public function progress(): ?Choice
    {
        return count($this->draft->pages) < 2 ? null
            : Choice::yesNo(
                'progress', 'Do visitors see how far they are?', $this->draft->progress, 'see which page of how many they are on', 'see its title only'
            );
    }

    /** @return list<Option> */
    private function pageOptions(Field|Control $item): array
    {
        $ids = array_map(static fn (FormPage $p): string => $p->id->text, $this->draft->pages);
        $on = in_array($item->page, $ids, true) ? $item->page : $ids[0] ?? '';
        $options = [];
        foreach ($this->draft->pages as $i => $page) {
            $title = $page->title->orNothing($this->language);
            $options[$page->id->text] = 'page '.($i + 1).($title === '' ? '' : ", $title");
        }

        return Option::all($options, [$on]);
    }

    /** @param  list<string>  $chosen */
    private function answers(array $chosen, Field $governor, string $place, string $name): Several
    {
        $offered = $governor->kind instanceof Governs ? $governor->kind->offered($governor, $this->language) : [];
        if ($governor->kind->meaning() === FieldMeaning::Country) {
            $codes = [...$chosen, ...array_map(static fn (Country $c): string => strtolower($c->code), Country::choices($this->draft->countries))];
            $offered = array_values(array_filter($offered, static fn (Offered $o): bool => in_array($o->value, $codes, true)));
        }
        $says = Offered::words($offered, $chosen);

        return new Several(
            "$place/when/answers", "Answers that call for $name", $says === [] ? 'no answer chosen' : Sentences::either($says),
            array_map(static fn (Offered $o): Option => new Option($o->value, $o->label ?: $o->value, in_array($o->value, $chosen, true)), $offered)
        );
    }

    private function hint(Field|Control $item, ?Field $governor): string
    {
        return match (true) {
            $item->when === null => '',
            $governor === null || ! $governor->kind instanceof Governs => self::NOT_BEFORE,
            $item->when->answers === [] => self::NO_ANSWERS,
            $governor->kind->otherwise($governor, $item->when->answers) === null
                && $this->layout->pageOf($governor->name()) === $this->layout->pageOf($item->name()) => self::TYPED,
            default => '',
        };
    }

    private function holds(FormPage $page): string
    {
        $laid = array_values(array_filter($this->layout->pages, static fn ($l): bool => $l->page?->id->equals($page->id) === true))[0] ?? null;
        if ($laid === null) {
            return 'nothing stands on it yet, so it is not shown';
        }
        $names = [
            ...array_map(fn (Field $f): string => $f->label->orNothing($this->language) ?: $f->id->text, $laid->fields),
            ...array_map(static fn (Control $c): string => 'the statement '.str_replace('-', ' ', $c->statement->text), $laid->controls),
        ];

        return Sentences::listed($names);
    }
}
