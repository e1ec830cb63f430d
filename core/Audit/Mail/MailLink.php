<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

/** A link in a mail. */
final readonly class MailLink
{
    private const LEAVES = '~unsub|opt-?out|abmeld|abbestell|austrag|d[ée]sinscri|d[ée]sabonn|avregistr|avanm[äa]l|avslut|afmeld|framelding|frameld~iu';

    private const LEGAL = '~privacy|legal|imprint|impressum|datenschutz|confidential|mentions|terms|conditions|agb|cgv|integritet|villkor|privatliv|betingelser|contact'
        .'|kontakt|facebook|instagram|linkedin|mailto:~iu';

    public function __construct(public string $text, public string $href) {}

    /** Whether it lets somebody leave a list. */
    public function leaves(): bool
    {
        return preg_match(self::LEAVES, "$this->text $this->href") === 1;
    }

    /** Whether it asks for something to be done, and is no legal detail, no contact and no way out. */
    public function acts(): bool
    {
        return ! $this->leaves() && preg_match(self::LEGAL, "$this->text $this->href") !== 1;
    }

    /** Where it leads, without what makes it somebody's own. */
    public function target(): string
    {
        return strtolower((string) preg_replace('~[?#].*$~s', '', $this->href));
    }
}
