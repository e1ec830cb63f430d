<?php

declare(strict_types=1);

namespace App\Queries\Flow;

use App\Casts\Instants;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\SignupJourney;
use App\Support\Moments;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Juramen\Consent\Through;
use Juramen\Consent\Trial;
use Juramen\Consent\TrialSide;
use Juramen\Points\FormVersion;
use Juramen\Points\FrozenLanguage;
use Juramen\Points\FrozenMail;
use Juramen\Points\FrozenWords;
use Juramen\Points\PointEdition;
use Juramen\Wording\MailKind;

/**
 * Compares what chance allotted at one time: two wordings of the confirmation, two versions of a form. Only sign-ups whose time is over count,
 * since those who are quick must not be counted before those who are not; and only editions in which both were worded as in the newest.
 */
final class ReadTrials
{
    /** Editions that are looked back at. */
    private const BACK = 50;

    public function __construct(private readonly PublishedForms $published, private readonly SystemClock $clock) {}

    /** Null where chance never allotted any. */
    public function ofMails(Point $point): ?TrialRun
    {
        $editions = $this->run($point, self::mailsOf(...));
        $allotted = fn (): Builder => self::journeys($editions)->whereNotNull('allotted');
        if ($editions === [] || ! $allotted()->exists()) {
            return null;
        }
        $over = $this->over($allotted());
        $side = function (string $side) use ($allotted, $over): TrialSide {
            $of = ReadFlow::sums($allotted()->where('allotted', $side)->whereNotNull('mailed_at')->where('asked_at', '<', Instants::write($over)));

            return new TrialSide($of['asked'], $of['confirmed'], $of['withdrawn']);
        };

        return new TrialRun(
            new Trial($side('a'), $side('b')), $allotted()->where('asked_at', '>=', Instants::write($over))->count(), self::first($editions)
        );
    }

    /** The same of two versions of its form; of how often each was shown, since nobody is known who looks at a page. */
    public function ofForms(Point $point): ?TrialRun
    {
        $editions = $this->run($point, self::versionsOf(...));
        if ($editions === []) {
            return null;
        }
        $sent = fn (): Builder => self::journeys($editions)->whereNotNull('version')->where('besides', false);
        // What is shown is known by the day, so whole days count.
        $day = Day::at($this->over($sent()), Moments::zone());
        $begins = Instants::write($day->begins(Moments::zone()));
        $isKnown = true;
        $side = function (FormVersion $version) use ($editions, $sent, $day, $begins, &$isKnown): TrialSide {
            $of = ReadFlow::sums($sent()->where('version', $version)->where('asked_at', '<', $begins));
            $shown = (int) DB::table('flow_counts')->whereIn('edition', array_map(static fn (PublishedEdition $e): string => $e->digest->bytes, $editions))
                ->where('what', "shown $version->value")->where('day', '<', $day->text)->sum('count');

            $isKnown = $isKnown && $shown >= $of['asked'];

            return new TrialSide(max($shown, $of['asked']), $of['confirmed'], $of['withdrawn']);
        };
        $trial = new Trial($side(FormVersion::First), $side(FormVersion::Second));

        return new TrialRun($trial, $sent()->where('asked_at', '>=', $begins)->count(), self::first($editions), $isKnown);
    }

    /**
     * The newest editions that allot and have the same words for it.
     *
     * @param  callable(PointEdition): list<array<array-key, mixed>>  $words  for which chance decides; none where it does not
     * @return list<PublishedEdition>
     */
    private function run(Point $point, callable $words): array
    {
        $run = [];
        $same = null;
        $newest = PublishedEdition::query()->where('point_id', $point->id)->orderByDesc('number')->limit(self::BACK)->get(['id', 'number', 'digest'])->all();
        foreach ($newest as $row) {
            $of = $words($this->published->edition($row->digest));
            $named = $of === [] ? null : Digest::of(Document::from(['words' => $of])->json());
            if ($same !== null && ($named === null || ! $named->equals($same))) {
                break;
            }
            if ($named !== null) {
                [$run[], $same] = [$row, $named];
            }
        }

        return $run;
    }

    /** @return list<array<array-key, mixed>> */
    private static function mailsOf(PointEdition $edition): array
    {
        $said = static fn (FrozenMail $mail): array => array_map(static fn (FrozenWords $w): array => [$w->key, $w->text], $mail->words);
        $second = array_filter($edition->languages, static fn (FrozenLanguage $l): bool => $l->mail(MailKind::Second->value)->words !== []);

        return array_values(array_map(static fn (FrozenLanguage $l): array => [
            $l->language->value, $said($l->mail(MailKind::Confirmation->value)), $said($l->mail(MailKind::Second->value)),
        ], $second));
    }

    /** @return list<array<array-key, mixed>> */
    private static function versionsOf(PointEdition $edition): array
    {
        $draft = $edition->sheet->draft;
        $second = $draft->second();

        return array_values(array_map(static fn (FrozenLanguage $l): array => array_map(static fn ($texts): string => $texts->orNothing($l->language), [
            $draft->title, $draft->purposeLine, $draft->button, $second->title, $second->purposeLine, $second->button,
        ]), array_filter($edition->languages, static fn (FrozenLanguage $l): bool => $l->allots())));
    }

    /**
     * @param  list<PublishedEdition>  $editions
     * @return Builder<SignupJourney>
     */
    private static function journeys(array $editions): Builder
    {
        return SignupJourney::query()->where('through', Through::Mail)->where('found_spam', false)
            ->whereIn('point_edition_id', array_map(static fn (PublishedEdition $e): int => $e->id, $editions));
    }

    /** @param  list<PublishedEdition>  $editions */
    private static function first(array $editions): int
    {
        return min(array_map(static fn (PublishedEdition $e): int => $e->number, $editions) ?: [0]);
    }

    /**
     * The moment before which whoever was asked has confirmed or will not.
     *
     * @param  Builder<SignupJourney>  $journeys
     */
    private function over(Builder $journeys): Instant
    {
        return $this->clock->instant()->plusDays(-(int) $journeys->max('lapse_days'));
    }
}
