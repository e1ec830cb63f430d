<?php

declare(strict_types=1);

namespace App\Pages\Flow;

use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Subscriber;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Flow\Flow;
use App\Queries\Flow\FlowFilter;
use App\Queries\Flow\ReadFlow;
use App\Queries\Flow\ReadTrials;
use App\Queries\Flow\TrialRun;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use Juramen\Canon\Slug;
use Juramen\Consent\Durations;
use Juramen\Consent\Share;
use Juramen\Consent\TrialSide;
use Juramen\Register\Language;

/** How sign-ups at a point go: where people are lost, how long they take, and which of two wordings they confirm by. */
final readonly class FlowPage
{
    /**
     * @param  list<Option>  $days
     * @param  list<Option>  $languages
     * @param  list<Option>  $editions
     * @param  list<Option>  $placements  none where there is one
     * @param  list<FlowLine>  $ticked  by statement
     * @param  list<FlowLine>  $shown  by page, where there are several
     * @param  list<FlowLine>  $fates  what became of those who were asked
     * @param  list<TimeRow>  $times
     * @param  string  $enough  how many days to confirm are enough; may be empty
     * @param  string  $spam  how many are not counted, since they were a program's
     * @param  list<TrialView>  $trials  of what chance allots
     * @param  string  $since  what is counted only since some day; may be empty
     */
    private function __construct(
        public string $name, public string $state, public array $days, public array $languages, public array $editions, public array $placements,
        public FlowDrawing $drawing, public array $ticked, public array $shown, public array $fates, public array $times, public string $enough,
        public string $since, public string $spam, public array $trials
    ) {}

    private static function spam(int $count): string
    {
        return match ($count) {
            0 => '',
            1 => 'One sign-up was found to be a program\'s and is not counted.',
            default => "$count sign-ups were found to be a program's and are not counted.",
        };
    }

    public static function of(Point $point, FlowFilter $filter, ReadFlow $read, ReadTrials $trials, RegistersInForce $inForce, User $user): self
    {
        $flow = $read->of($point, $filter);
        $editions = PublishedEdition::query()->where('point_id', $point->id)->orderByDesc('number')->limit(30)->pluck('number')->all();
        $placements = $read->placements($point);
        $link = fn (string $state): ?string => $user->can('viewAny', Subscriber::class)
            ? route('evidence.signups', ['point' => $point->slug, 'state' => $state, 'from' => $filter->from->text]) : null;

        return new self(
            $inForce->nameOf($point->slug),
            $flow->asked === 0 ? 'nobody was asked in these days' : self::rate(new Share($flow->confirmed, $flow->asked)),
            Option::all(array_combine(FlowFilter::DAYS, array_map(static fn (int $d): string => "$d days", FlowFilter::DAYS)), [(string) $filter->days]),
            Option::all(['' => 'every language'] + array_combine(
                array_column(Language::cases(), 'value'), array_map(static fn (Language $l): string => $l->endonym(), Language::cases())
            ), [$filter->language->value ?? '']),
            Option::all(['' => 'every edition'] + array_combine(
                array_map(intval(...), $editions), array_map(static fn (mixed $n): string => "edition $n", $editions)
            ), [(string) $filter->edition]),
            count($placements) < 2 ? [] : Option::all(['' => 'anywhere'] + array_combine($placements, array_map(
                static fn (string $p): string => __("office.placements.$p") === "office.placements.$p" ? $p : (string) __("office.placements.$p"), $placements
            )), [$filter->placement ?? '']),
            new FlowDrawing(self::steps($flow, $link)),
            array_map(static fn ($t): FlowLine => new FlowLine(
                ucfirst($inForce->nameOfStatement(Slug::parse($t->statement))), $t->count,
                $flow->sent === null ? '' : self::percent($t->count, $flow->sent).' of those who sent it'
            ), $flow->ticked),
            count($flow->shown) < 2 ? [] : array_map(static fn (int $i, ?int $n): FlowLine => new FlowLine(
                'Page '.($i + 1), (int) $n, $i === 0 ? '' : self::percent((int) $n, (int) $flow->shown[0]).' of the first'
            ), array_keys($flow->shown), $flow->shown),
            array_values(array_filter([
                new FlowLine('Confirmed', $flow->confirmed, self::percent($flow->confirmed, $flow->asked), $link('confirmed')),
                new FlowLine('Still have time', $flow->waiting, self::percent($flow->waiting, $flow->asked), $link('waiting')),
                new FlowLine('Lapsed', $flow->lapsed, self::percent($flow->lapsed, $flow->asked), $link('lapsed')),
                new FlowLine('Ended otherwise', $flow->ended, 'not theirs, mended, returned, or withdrawn before they confirmed'),
                new FlowLine(
                    'Withdrew within '.TrialSide::DAYS.' days', $flow->withdrawn,
                    self::percent($flow->withdrawn, $flow->confirmed).' of those who confirmed', $link('withdrawn')
                ),
            ], static fn (FlowLine $l): bool => $l->count > 0)),
            $flow->confirming->count() === 0 ? [] : [
                TimeRow::of('Until the mail was accepted', $flow->accepting), TimeRow::of('From then until the button', $flow->confirming),
            ],
            self::enough($flow->confirming),
            $flow->countedSince !== null && $flow->countedSince->isAfter($filter->from)
                ? 'How often it was shown and sent is counted since '.Moments::plain($flow->countedSince->text).'.' : '',
            self::spam($flow->spam),
            array_values(array_filter(array_map(
                static fn (TrialOf $of, ?TrialRun $run): ?TrialView => $run === null ? null : TrialView::of($of, $run),
                [TrialOf::Forms, TrialOf::Mails], [$trials->ofForms($point), $trials->ofMails($point)]
            ))),
        );
    }

    /**
     * @param  callable(string): ?string  $link
     * @return non-empty-list<FlowStep>
     */
    private static function steps(Flow $flow, callable $link): array
    {
        $opened = $flow->opened > 0 || $flow->asked === 0 ? max($flow->opened, $flow->confirmed) : null;

        return [
            new FlowStep('Shown', $flow->shown[0]), new FlowStep('Sent', $flow->sent, 'left'),
            new FlowStep('Said yes', $flow->asked, $flow->held > 0 ? 'held, or no yes' : 'without a yes'),
            new FlowStep('Mail accepted', $flow->mailed, 'not mailed'), new FlowStep('Page opened', $opened, 'not opened'),
            new FlowStep('Confirmed', $flow->confirmed, 'not pressed', $link('confirmed')),
            new FlowStep('Stayed', $flow->confirmed - $flow->withdrawn, 'withdrew'),
        ];
    }

    private static function rate(Share $share): string
    {
        $interval = $share->interval();

        return self::percent($share->count, $share->of).' of '.number_format($share->of).' confirmed (with 95 % confidence '
            .round(100 * $interval->from).' to '.round(100 * $interval->to).' %)';
    }

    private static function percent(int $count, int $of): string
    {
        return $of === 0 ? '' : round(100 * $count / $of).' %';
    }

    private static function enough(Durations $times): string
    {
        $days = $times->daysFor(0.99);
        if ($days === null || $times->count() < 20) {
            return $times->count() === 0 ? '' : 'Fewer than twenty have confirmed, so it cannot be said how many days are enough.';
        }

        return 'Of those who confirm, '.self::percent($times->within($days)->count, $times->count()).' do so within '.($days === 1 ? 'a day' : "$days days")
            .': so many days to confirm are enough.';
    }
}
