<?php

declare(strict_types=1);

namespace App\Queries\Evidence;

use App\Casts\Instants;
use App\Models\SignupJourney;
use App\Support\Moments;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\JourneyState;

/** Sign-ups by what became of them, at which point, on which days, to which words: the records behind every number. */
final class ListSignups
{
    /** What the office calls the states of a journey. */
    public const STATES = [
        'waiting' => [JourneyState::Asked, JourneyState::Mailed], 'confirmed' => [JourneyState::Confirmed], 'lapsed' => [JourneyState::Lapsed],
        'withdrawn' => [JourneyState::Withdrawn],
    ];

    /**
     * @param  array{state?: string, point?: string, words?: string, from?: string, to?: string}  $filters  days like 2026-11-25 in the office's zone; what
     *     makes no sense filters nothing
     * @return Builder<SignupJourney> newest first
     */
    public function __invoke(array $filters): Builder
    {
        $query = SignupJourney::query()->with('subscriber', 'edition.point')->orderByDesc('asked_at')->orderBy('id');
        if (isset(self::STATES[$filters['state'] ?? ''])) {
            $query->whereIn('state', self::STATES[$filters['state']]);
        }
        if (($filters['point'] ?? '') !== '') {
            $query->whereRelation('edition.point', 'slug', $filters['point']);
        }
        if (preg_match('/^[0-9a-f]{64}$/D', $filters['words'] ?? '') === 1) {
            $edition = Digest::fromHex($filters['words'])->bytes;
            $query->whereIn('id', static fn ($q) => $q->select('journey')->from('journey_answers')->where('edition', $edition));
        }
        foreach (['from' => '>=', 'to' => '<'] as $end => $sign) {
            $day = DateTimeImmutable::createFromFormat('!Y-m-d', $filters[$end] ?? '', Moments::zone());
            if ($day !== false) {
                $query->where('asked_at', $sign, Instants::write(Instant::of($end === 'to' ? $day->modify('+1 day') : $day)));
            }
        }

        return $query;
    }

    /** The office's word for a state. */
    public static function word(JourneyState $state): string
    {
        foreach (self::STATES as $word => $states) {
            if (in_array($state, $states, true)) {
                return $word;
            }
        }

        return $state->value;
    }

    /** What stands in place of an address that is in no list. */
    public static function withoutAddress(JourneyState $state): string
    {
        return in_array($state, [JourneyState::Lapsed, JourneyState::Withdrawn], true) ? 'details deleted' : 'kept as proof only';
    }
}
