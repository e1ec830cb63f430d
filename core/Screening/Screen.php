<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** Keeps automated and abusive submissions out: a pure function of what is known of a submission. */
final readonly class Screen
{
    /**
     * @param  int  $leastSeconds  between serving a form and its sending (common practice: two to three seconds)
     * @param  int  $mostForAddress  sign-ups with one mailbox within 24 hours, each of which sends a mail; what is more is held
     */
    public function __construct(private int $leastSeconds = 2, private int $mostForAddress = 5) {}

    public function assess(SubmissionFacts $facts): Assessment
    {
        $noticed = array_filter([
            $facts->trapTouched ? Signal::TrapTouched : null,
            $facts->seconds !== null && $facts->seconds < $this->leastSeconds ? Signal::TooFast : null,
            $facts->forMailbox >= $this->mostForAddress ? Signal::ManyForAddress : null,
        ]);

        return Assessment::of(array_map(static fn (Signal $s): WeighedSignal => new WeighedSignal($s, $s->weight()), array_values($noticed)));
    }
}
