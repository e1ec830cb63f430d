<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\DestinationFacts;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use Juramen\Points\ListRule;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDraft;
use Juramen\Register\Channel;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Wording\Statement;

/** To which lists and destinations the statements of a sheet lead. */
final class WhereItLeads
{
    public function __construct(private readonly RegistersInForce $inForce) {}

    /** @return list<LeadLine> */
    public function of(Sheet $sheet): array
    {
        $lines = [];
        foreach ($sheet->statements as $statement) {
            foreach ($statement->channels as $channel) {
                $lists = $this->lists($sheet, $statement, $channel);
                $name = ucfirst($this->inForce->nameOfStatement($statement->id));
                foreach ($lists as $list) {
                    $lines[] = $this->line($name, $channel, $list);
                }
                if ($lists === []) {
                    $lines[] = new LeadLine($name, $channel->value, null, route('lists'), '', '');
                }
            }
        }

        return $lines;
    }

    /** @return list<ContactList> */
    private function lists(Sheet $sheet, Statement $statement, Channel $channel): array
    {
        $registers = $this->inForce->registers();
        // With this sheet as it is written now.
        $sheets = array_map(
            static fn (SheetOnFile $s): SheetDraft => $s->draft->point->equals($sheet->draft->point) ? $sheet->draft : $s->draft, $this->inForce->sheets()
        );
        $here = static fn (SheetDraft $d): bool => $d->point->equals($sheet->draft->point);

        return $registers->lists->filter(static function (ContactList $list) use ($registers, $sheets, $statement, $channel, $here): bool {
            $rule = new ListRule($list, $registers, $sheets);

            return $list->channel === $channel && $rule->statements()->has($statement->id) && array_filter($rule->points(), $here) !== [];
        })->all();
    }

    private function line(string $statement, Channel $channel, ContactList $list): LeadLine
    {
        $goes = $this->inForce->registers()->destinations->filter(static fn (Destination $d): bool => $d->lists->has($list->id))->all();
        $twice = array_filter($goes, static fn (Destination $d): bool => $d->on && DestinationFacts::serviceOf($d->id->text)?->asksTwice() === true);

        return new LeadLine(
            $statement, $channel->value, $list->name, route('records.show', ['list', $list->id->text]),
            $goes === [] ? 'which stays here'
                : 'which goes to '.implode(', ', array_map(static fn (Destination $d): string => $d->name.($d->on ? '' : ' (switched off)'), $goes)),
            $twice === [] ? '' : implode(', ', array_map(static fn (Destination $d): string => $d->name, $twice))
                .' does not take our confirmation: people will be asked to confirm twice.'
        );
    }
}
