<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** What became of those to whom chance allotted one of two mails. */
final readonly class TrialSide
{
    /** Days within which a withdrawal tells against the mail that won it. */
    public const DAYS = 90;

    /**
     * @param  int  $mailed  whose mail was accepted
     * @param  int  $confirmed  of these
     * @param  int  $withdrawn  of those within DAYS
     */
    public function __construct(public int $mailed, public int $confirmed, public int $withdrawn) {}

    public function confirms(): Share
    {
        return new Share($this->confirmed, $this->mailed);
    }

    /** Those who confirmed and stayed. */
    public function stays(): Share
    {
        return new Share($this->confirmed - $this->withdrawn, $this->mailed);
    }

    public function withdraws(): Share
    {
        return new Share($this->withdrawn, $this->confirmed);
    }
}
