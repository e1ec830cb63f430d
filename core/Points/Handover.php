<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\ById;
use Juramen\Canon\Day;
use Juramen\Canon\Slug;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Register\Language;
use Juramen\Register\ListThere;
use Juramen\Register\MappedValue;
use Juramen\Register\Processor;
use Juramen\Wording\Placeholder;
use Juramen\Wording\Statement;

/**
 * What handing people over to a destination would come to, seen with the registers, the forms, and what the destination said of itself. With a
 * fault nobody is handed over. Source: GDPR Art. 28(3), 44 to 49 (processors), 13(1)(e) and 4(11) (recipients are named), 5(1)(b) (purpose).
 */
final readonly class Handover
{
    /**
     * @param  list<SheetDraft>  $sheets  all signup points
     * @param  ServiceThere|null  $there  null where its fields were never fetched
     */
    public function __construct(
        private Destination $destination, private Registers $registers, private array $sheets, private ?ServiceThere $there, private Day $today
    ) {}

    /** @return ById<ContactList> that go there */
    public function lists(): ById
    {
        return $this->registers->lists->filter(fn (ContactList $l): bool => $this->destination->lists->has($l->id));
    }

    /** @return ById<PassedValue> that can go there, from the forms that lead there; the address itself always goes, and is not among them */
    public function values(): ById
    {
        if ($this->lists()->count() === 0) {
            return ById::none();
        }
        $sheets = array_merge([], ...array_map(fn (ContactList $l): array => $this->rule($l)->points(), $this->lists()->all()));
        $values = PassedValue::of($sheets);
        foreach ($this->lists()->all() as $list) {
            $values = $values->drop(self::addressOf($list));
        }

        return $values;
    }

    /** The name of the value that is a person's address on a list. */
    public static function addressOf(ContactList $list): string
    {
        return $list->channel->isByNumber() ? PassedValue::PHONE : PassedValue::ADDRESS;
    }

    /** @return list<string> why nobody may be handed over, each in a sentence */
    public function faults(): array
    {
        $partner = $this->destination->partner === null ? null : $this->registers->processors->get($this->destination->partner);

        return array_values(array_filter([
            $this->destination->address === '' ? 'Its address is not written yet.' : null,
            ...$partner === null ? ['Say who runs it: a processor or recipient on record, with contract and place.'] : $this->faultsOf($partner),
            $this->destination->lists->count() === 0 ? 'No list goes there yet.' : null,
            ...array_merge([], ...array_map(fn (ListThere $l): array => $this->faultsOfList($l, $partner), $this->destination->lists->all())),
            ...$this->faultsOfMapping(),
        ]));
    }

    /** @return list<string> what would go wrong or get lost, each in a sentence */
    public function warnings(): array
    {
        $values = $this->values();
        $silent = $values->filter(fn (PassedValue $v): bool => $v->meaning !== FieldMeaning::Message && ! $this->destination->saysOf($v->name));

        return [
            ...$this->there === null ? ['Its fields were never fetched, so nothing here could be compared with them.'] : [],
            ...$this->there?->asksTwice() !== true ? []
                : ['It has every address confirmed once more and does not take ours as confirmed: people will be asked twice.'],
            ...$silent->count() === 0 ? [] : [
                'Nobody has said whether these go over, so they do not: '
                    .implode(', ', array_map(static fn (PassedValue $v): string => $v->title, $silent->all()))
                    .'. Choose a field for each, or say that it is not passed on.',
            ],
            ...array_merge([], ...array_map(fn (FieldThere $f): array => $this->warningsOf($f, $values), $this->there?->fields->all() ?? [])),
        ];
    }

    /** @return list<string> what has to be created there before anybody is handed over, each named as it must be called */
    public function toCreate(): array
    {
        $known = $this->there;
        if ($known === null) {
            return [];
        }
        $fields = array_filter(
            $this->destination->mapping->all(),
            fn (MappedValue $m): bool => $this->destination->field($m->of) !== null && ! $known->fields->has($m->to)
        );
        $groups = array_filter(
            $this->destination->lists->all(), static fn (ListThere $l): bool => $l->group !== '' && ! $known->groups->has($l->group)
        );

        return [
            ...array_values(array_map(static fn (MappedValue $m): string => "the field “{$m->to}”", $fields)),
            ...array_values(array_map(static fn (ListThere $l): string => "the group “{$l->group}”", $groups)),
        ];
    }

    private function rule(ContactList $list): ListRule
    {
        return new ListRule($list, $this->registers, $this->sheets);
    }

    /** @return list<string> */
    private function faultsOf(Processor $partner): array
    {
        return [
            ...$partner->controller->equals($this->destination->controller) ? [] : ["{$partner->name} is on record for another controller."],
            ...$this->registers->isDraft($partner->recordName()) ? ["{$partner->name} was never approved."] : [],
            ...array_map(static fn (string $lack): string => "{$partner->name}: $lack", $partner->lacks($this->today)),
        ];
    }

    /** @return list<string> */
    private function faultsOfList(ListThere $there, ?Processor $partner): array
    {
        $list = $this->registers->lists->get($there->list);
        if ($list === null) {
            return ["There is no list “{$there->list->spoken()}” any more: take it out."];
        }
        $name = $list->name;
        $purpose = fn (Slug $of): string => $this->registers->purposes->get($of)?->title() ?? $of->spoken();

        return [
            ...$this->registers->isDraft($list->recordName()) ? ["The list “{$name}” was never approved."] : [],
            ...$list->controller->equals($this->destination->controller) ? [] : ["“{$name}” is a list of another controller."],
            ...$partner === null || $partner->gets($list->purpose) ? []
                : ["{$partner->name} is not on record as getting details for {$purpose($list->purpose)}, which “{$name}” is for."],
            ...$partner?->own === true ? $this->unnamed($partner, $list) : [],
            ...$there->group === '' ? ["Say into which group there “{$name}” goes."] : [],
            ...$there->group !== '' && $this->there?->groups->has($there->group) === false
                ? ["There is no group “{$there->group}” there, into which “{$name}” is to go: create it there, then fetch again."] : [],
            ...$there->mark === '' || $there->starts === null || $there->starts->equals($list->purpose) ? []
                : ["The mark “{$there->mark}” starts mails for {$purpose($there->starts)} there, and whoever is on “{$name}” agreed to "
                    ."{$purpose($list->purpose)}."],
        ];
    }

    /**
     * Whoever uses the details for itself is named in the words that people said yes to.
     *
     * @return list<string>
     */
    private function unnamed(Processor $partner, ContactList $list): array
    {
        $silent = [];
        foreach ($this->rule($list)->statements()->filter(static fn (Statement $s): bool => $s->isApproved())->all() as $statement) {
            $languages = array_filter($statement->texts->languages(), static fn (Language $l): bool => ! self::names($statement, $l, $partner));
            if ($languages !== []) {
                $in = implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $languages));
                $silent[] = "{$partner->name} uses the details for itself, and “{$statement->title()}” does not name it ($in): write {recipients} there.";
            }
        }

        return $silent;
    }

    private static function names(Statement $statement, Language $language, Processor $partner): bool
    {
        $text = $statement->texts->orNothing($language);

        return in_array(Placeholder::Recipients->value, Placeholder::namesIn($text), true) || str_contains($text, $partner->name);
    }

    /** @return list<string> */
    private function faultsOfMapping(): array
    {
        $values = $this->values();
        [$faults, $taken] = [[], []];
        foreach ($this->destination->mapping->all() as $mapped) {
            $field = $this->destination->field($mapped->of);
            $value = $values->get($mapped->of);
            if ($field === null || $value === null) {
                continue;
            }
            if ($value->meaning === FieldMeaning::Message) {
                $faults[] = "“{$value->title}” is what somebody wanted answered; it does not go to a list. Say that it is not passed on.";
            }
            if ($this->there?->fields->has($field) === false) {
                $faults[] = "There is no field “{$field}” there, into which “{$value->title}” is to go: create it there, then fetch again.";
            }
            if (isset($taken[$field])) {
                $faults[] = "“{$value->title}” and “{$taken[$field]}” go into the same field “{$field}”.";
            }
            $taken[$field] = $value->title;
        }

        return $faults;
    }

    /**
     * @param  ById<PassedValue>  $values
     * @return list<string>
     */
    private function warningsOf(FieldThere $field, ById $values): array
    {
        $into = array_values(array_filter($values->all(), fn (PassedValue $v): bool => $this->destination->field($v->name) === $field->name));
        if ($into === []) {
            return $field->required ? ["“{$field->title}” is required there, and nothing goes into it: whoever is handed over may be refused."] : [];
        }
        $value = $into[0];
        $asked = $value->belongsToConsent ? [] : $this->notAlwaysGiven($value);

        return [
            ...$value->type->fits($field->type) ? []
                : ["“{$field->title}” is {$field->type->says()} there; what goes into it, “{$value->title}”, is {$value->type->says()}."],
            ...$field->type === ValueType::Day && $value->type === ValueType::Day && $field->order !== ''
                ? ["“{$field->title}” is written {$field->order} there; days go over as yyyy-mm-dd."] : [],
            ...$field->required && $asked !== []
                ? ["“{$field->title}” is required there, and “{$value->title}” is not always given on ".implode(', ', $asked).'.'] : [],
        ];
    }

    /** @return list<string> names of points that lead there and do not ask for a value, or leave it free */
    private function notAlwaysGiven(PassedValue $value): array
    {
        $names = [];
        foreach ($this->lists()->all() as $list) {
            foreach ($this->rule($list)->points() as $sheet) {
                $names[$sheet->point->text] = $sheet->disclosed($value->name)?->required === true ? null : "“{$sheet->name}”";
            }
        }

        return array_values(array_filter($names));
    }
}
