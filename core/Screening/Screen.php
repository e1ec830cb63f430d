<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** Keeps automated and abusive submissions out: a pure function of the submission; what is counted is counted where it is entered. */
final readonly class Screen
{
    /**
     * @param  int  $leastSeconds  between serving a form and its sending (common practice: two to three seconds)
     * @param  int  $mostForAddress  sign-ups with one mailbox within 24 hours, each of which sends a mail; what is more is held
     */
    public function __construct(private int $leastSeconds = 2, public int $mostForAddress = 5) {}

    /**
     * @param  bool  $trapTouched  whether the trap field came back with anything in it
     * @param  int|null  $seconds  between serving and sending; null where we did not serve the form
     * @return array{Band, list<Signal>}
     */
    public function judge(bool $trapTouched, ?int $seconds): array
    {
        $signals = array_values(array_filter([
            $trapTouched ? Signal::TrapTouched : null,
            $seconds !== null && $seconds < $this->leastSeconds ? Signal::TooFast : null,
        ]));
        $band = match (true) {
            in_array(Signal::TrapTouched, $signals, true) => Band::Hold,
            in_array(Signal::TooFast, $signals, true) => Band::Again,
            default => Band::Pass,
        };

        return [$band, $signals];
    }
}
