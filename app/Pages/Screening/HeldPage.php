<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use App\Models\HeldSubmission;
use App\Models\User;
use App\Queries\Office\ListHeld;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Screening\LinesInForce;
use App\Queries\Screening\WeightsInForce;
use Illuminate\Contracts\Support\Htmlable;
use Juramen\Points\FieldValue;
use Juramen\Register\Retention;
use Juramen\Screening\Alike\Groups;
use Juramen\Screening\Alike\Traits;
use Juramen\Screening\Assessment;

/** What is held, alike ones together, and what was decided a moment ago. */
final readonly class HeldPage
{
    /** Characters from which on a value is something written, and no name. */
    private const LONG = 40;

    /**
     * @param  list<HeldGroup>  $groups
     * @param  list<HeldRow>  $decided  what can be undone still, the newest first
     * @param  string  $undo  for how long it can, such as "2 minutes"
     * @param  bool  $decides  whether whoever looks may decide
     */
    private function __construct(
        public string $state, public array $groups, public array $decided, public string $undo, public int $days, public string $csv, public Htmlable $pages,
        public bool $decides
    ) {}

    public static function of(User $user, ListHeld $list, RegistersInForce $registers, LinesInForce $lines, WeightsInForce $weights): self
    {
        $page = $list->page();
        $held = array_values($page->items());
        $by = $weights->weights();
        $row = static fn (HeldSubmission $h): HeldRow => HeldRow::of(
            $h, Assessment::again($h->signals, $lines->of($h->edition->point)->lines, $by), $registers
        );
        $rows = array_map($row, $held);
        $groups = array_map(static fn (array $places): HeldGroup => new HeldGroup(
            array_map(static fn (int $i): HeldRow => $rows[$i], $places)
        ), Groups::of(array_map(self::traits(...), $held)));
        $undo = config()->integer('juramen.screening.undo_seconds');
        $decided = $list->decided()->map($row)->values()->all();

        return new self(
            match ($page->total()) {
                0 => 'nothing waits',
                1 => '1 waits for a decision',
                default => $page->total().' wait for a decision',
            }, $groups, $decided, $undo < 90 ? "$undo seconds" : round($undo / 60).' minutes',
            $registers->registers()->house->daysKept(Retention::Held), route('held', ['as' => 'csv']), $page->links('office.pages'),
            $user->can('decide', HeldSubmission::class)
        );
    }

    private static function traits(HeldSubmission $held): Traits
    {
        $written = array_filter($held->content->values, static fn (FieldValue $v): bool => mb_strlen($v->value) > self::LONG);
        $text = implode("\n", array_map(static fn (FieldValue $v): string => $v->value, $written));

        return Traits::of($held->content->email, $text, $held->content->network ?? '', $held->signals);
    }
}
