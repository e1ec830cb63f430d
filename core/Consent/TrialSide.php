<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** What became of those to whom chance allotted one of two wordings. */
final readonly class TrialSide
{
    /** Days within which a withdrawal tells against the wording that won it. */
    public const DAYS = 90;

    /**
     * @param  int  $people  who were reached: whose mail was accepted, or how often it was shown
     * @param  int  $confirmed  of these
     * @param  int  $withdrawn  of those within DAYS
     */
    public function __construct(public int $people, public int $confirmed, public int $withdrawn) {}

    public function confirms(): Share
    {
        return new Share($this->confirmed, $this->people);
    }

    /** Those who confirmed and stayed. */
    public function stays(): Share
    {
        return new Share($this->confirmed - $this->withdrawn, $this->people);
    }

    public function withdraws(): Share
    {
        return new Share($this->withdrawn, $this->confirmed);
    }
}
