<?php

declare(strict_types=1);

namespace Juramen\Screening;

use Juramen\Screening\Signals\AlikeAddresses;
use Juramen\Screening\Signals\AllOptional;
use Juramen\Screening\Signals\ImpossibleHeaders;
use Juramen\Screening\Signals\LinkInName;
use Juramen\Screening\Signals\ManyForAddress;
use Juramen\Screening\Signals\ManyFromDomain;
use Juramen\Screening\Signals\ManyFromNetwork;
use Juramen\Screening\Signals\ManyLinks;
use Juramen\Screening\Signals\MarkMissing;
use Juramen\Screening\Signals\MarkTampered;
use Juramen\Screening\Signals\NoMailDomain;
use Juramen\Screening\Signals\PuzzleLeft;
use Juramen\Screening\Signals\PuzzleSolved;
use Juramen\Screening\Signals\RandomAddress;
use Juramen\Screening\Signals\RandomName;
use Juramen\Screening\Signals\RepeatedText;
use Juramen\Screening\Signals\Replayed;
use Juramen\Screening\Signals\SpamText;
use Juramen\Screening\Signals\ThrowAwayDomain;
use Juramen\Screening\Signals\TooFast;
use Juramen\Screening\Signals\TooLate;
use Juramen\Screening\Signals\TrapTouched;

/** All that screening looks at. */
final class Signals
{
    /**
     * @param  int  $leastSeconds  between serving a form and its sending (common practice: two to three seconds)
     * @param  int  $mostForMailbox  sign-ups with one mailbox within 24 hours; what is more is doubted
     * @return list<Signal>
     */
    public static function all(int $leastSeconds = 2, int $mostForMailbox = 5): array
    {
        return [
            new TrapTouched, new TooFast($leastSeconds), new ManyForAddress($mostForMailbox), new ThrowAwayDomain, new NoMailDomain, new RandomAddress,
            new RandomName, new LinkInName, new SpamText, new ManyLinks, new RepeatedText, new ManyFromNetwork, new ManyFromDomain, new AlikeAddresses,
            new AllOptional, new TooLate, new MarkMissing, new MarkTampered, new Replayed, new ImpossibleHeaders, new PuzzleSolved, new PuzzleLeft,
        ];
    }

    /** Null of an id that nobody knows any more. */
    public static function find(string $id): ?Signal
    {
        return array_values(array_filter(self::all(), static fn (Signal $s): bool => $s->id() === $id))[0] ?? null;
    }
}
