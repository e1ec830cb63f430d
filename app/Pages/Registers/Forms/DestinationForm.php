<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Models\DestinationFacts;
use App\Models\DestinationKey;
use App\Pages\Controls\Adding;
use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use App\Pages\Controls\Press;
use App\Support\Moments;
use Juramen\Points\Handover;
use Juramen\Points\PassedValue;
use Juramen\Points\Registers;
use Juramen\Points\ServiceThere;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;

/** The controls of a destination. */
final readonly class DestinationForm
{
    /**
     * @param  list<ListThereRow>  $lists
     * @param  list<ValueRow>  $values
     * @param  list<string>  $toCreate  what must be created there, each named
     */
    private function __construct(
        public string $controller, public Line $name, public Line $address, public Choice $partner, public Choice $on, public array $lists,
        public ?Adding $addList, public array $values, public array $toCreate, public string $key, public string $fetched, public string $tested
    ) {}

    public static function of(Destination $destination, Registers $registers, Handover $goes): self
    {
        $facts = DestinationFacts::query()->find($destination->id->text);
        $key = DestinationKey::query()->with('user')->find($destination->id->text);
        $service = DestinationFacts::serviceOf($destination->id->text);
        $own = $registers->lists->filter(static fn (ContactList $l): bool => $l->controller->equals($destination->controller));
        $partners = ['' => 'nobody yet'];
        foreach ($registers->processors->filter(static fn (Processor $p): bool => $p->controller->equals($destination->controller))->all() as $partner) {
            $partners[$partner->id->text] = $partner->name.($partner->own ? ', for its own use' : '');
        }
        $more = [];
        foreach ($own->filter(static fn (ContactList $l): bool => ! $destination->lists->has($l->id))->all() as $list) {
            $more[$list->id->text] = $list->name;
        }

        return new self(
            $registers->controller($destination->controller)->name, new Line('name', 'Name', $destination->name),
            new Line('address', 'Address', $destination->address, 'https://', 'url'),
            new Choice('partner', 'Who runs it', Option::all($partners, [(string) $destination->partner])),
            Choice::yesNo('on', 'Whether people are handed over', $destination->on, 'switched on', 'switched off'),
            self::lists($destination, $registers, $service), $more === [] ? null : new Adding('lists', 'list', $more),
            self::values($destination, $goes, $service), $goes->toCreate(),
            $key === null ? 'No key is set; an administrator sets it.' : 'Its key was set by '.$key->user->name.' on '.Moments::exact($key->set_at).'.',
            $facts?->fetched_at === null ? 'never' : Moments::exact($facts->fetched_at),
            $facts?->tested_at === null ? '' : 'Tried '.Moments::exact($facts->tested_at).': '.lcfirst(self::tested((string) $facts->tested)).'.',
        );
    }

    /** How a test went, in a sentence without its full stop. */
    public static function tested(string $state): string
    {
        return match ($state) {
            'in' => 'An address handed over as confirmed arrived, and may be written to at once',
            'waiting' => 'An address handed over as confirmed arrived, and waits there to be confirmed once more',
            'out' => 'An address arrived, and is on no list there',
            default => __(str_starts_with($state, 'destination-said-') ? 'office.problems.destination-said' : "office.problems.$state", [
                'code' => substr($state, strlen('destination-said-')),
            ]),
        };
    }

    /** @return list<ListThereRow> */
    private static function lists(Destination $destination, Registers $registers, ?ServiceThere $service): array
    {
        $rows = [];
        foreach ($destination->lists->all() as $i => $there) {
            $list = $registers->lists->get($there->list);
            $place = "lists/$there->list";
            $name = $list === null ? ucfirst($there->list->spoken()) : $list->name;
            $groups = ['' => 'no group yet', ...$there->group === '' ? [] : [$there->group => "$there->group (not there)"]];
            foreach ($service?->groups->all() ?? [] as $group) {
                $groups[$group->id] = $group->title;
            }
            $starts = ['' => 'no mails there'];
            $purposes = $registers->purposes->filter(static fn (Purpose $p): bool => $p->controller->equals($destination->controller));
            foreach ($purposes->all() as $purpose) {
                $starts[$purpose->id->text] = "mails for {$purpose->title()}";
            }
            $rows[] = new ListThereRow(
                $name, route('records.show', ['list', $there->list->text]),
                $service === null ? new Line("$place/group", "Group for $name", $there->group, 'no group yet')
                    : new Choice("$place/group", "Group for $name", Option::all($groups, [$there->group])),
                new Line("$place/mark", "Hidden mark for $name", $there->mark, 'none', needed: false),
                $there->mark === '' ? null : new Choice("$place/starts", "What the mark of $name starts", Option::all($starts, [(string) $there->starts])),
                Press::forItem($place, $name, $i === 0, $i === $destination->lists->count() - 1, 'Take out')
            );
        }

        return $rows;
    }

    /** @return list<ValueRow> */
    private static function values(Destination $destination, Handover $goes, ?ServiceThere $service): array
    {
        return array_map(static function (PassedValue $value) use ($destination, $service): ValueRow {
            $to = $destination->mapping->get($value->name)->to ?? '';
            $options = ['' => 'nobody has said', Destination::NOT_PASSED => 'not passed on, on purpose'];
            if ($to !== '' && $to !== Destination::NOT_PASSED) {
                $options[$to] = "$to (not there)";
            }
            foreach ($service?->fields->all() ?? [] as $field) {
                $options[$field->name] = "into “{$field->title}”".($field->required ? ', required' : '');
            }

            return new ValueRow(
                ucfirst($value->title), $value->type->says(), new Choice("mapping/$value->name", ucfirst($value->title), Option::all($options, [$to]))
            );
        }, $goes->values()->all());
    }
}
