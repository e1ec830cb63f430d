<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

/** A link in a mail. */
final readonly class MailLink
{
    private const LEAVES = '~unsub|opt-?out|abmeld|abbestell|austrag|d[ée]sinscri|d[ée]sabonn|avregistr|avanm[äa]l|avslut|afmeld|framelding|frameld~iu';

    /** Legal details, help, other places of the house, the same mail in a browser, and what is pressed by whoever did not ask for it. */
    private const BESIDE = '~privacy|legal|imprint|impressum|datenschutz|confidential|mentions|terms|conditions|agb|cgv|integritet|villkor|privatliv|betingelser|contact'
        .'|kontakt|facebook|instagram|linkedin|^(?:mailto|tel|sms):|\bhelp\b|\bsupport\b|\bfaq\b|\bhilfe\b|\baide\b|\bhjälp\b|\bhjælp\b|\bbrowser\b|navigateur'
        .'|webbläsare|online (?:ansehen|lesen)|view online|abuse|not me|wasn.t me|nicht ich|pas moi|inte jag|ikke mig~iu';

    /** A house's first page, to which its name or sign leads. */
    private const FRONT = '~^https?://[^/?#]+/?$~i';

    /** Stands for what makes a link somebody's own, see MailReader. */
    public const LEFT_OUT = '…';

    public function __construct(public string $text, public string $href) {}

    /** Whether it lets somebody leave a list. */
    public function leaves(): bool
    {
        return preg_match(self::LEAVES, "$this->text $this->href") === 1;
    }

    /** Whether it asks for something to be done, and is no detail of the house, no help and no way out. */
    public function acts(): bool
    {
        return ! $this->leaves() && preg_match(self::FRONT, $this->href) !== 1 && preg_match(self::BESIDE, $this->href) !== 1
            && preg_match(self::BESIDE, $this->text) !== 1;
    }

    /** Whether it was made for one reader. */
    public function isOwn(): bool
    {
        return str_contains($this->href, self::LEFT_OUT);
    }

    /** Where it leads, without what makes it somebody's own. */
    public function target(): string
    {
        return strtolower((string) preg_replace('~[?#].*$~s', '', $this->href));
    }
}
