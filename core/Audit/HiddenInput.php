<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** An input that nobody sees, sent with a form of others. */
final readonly class HiddenInput
{
    /** Names of consent. */
    private const CONSENT = '~(?:^|[_\-\[.\s])(?:opt[_-]?in|newsletter|news|gdpr|dsgvo|rgpd|marketing|subscribed?|mailing|agree[ds]?|werbung|abonn\w*|offers?|promo\w*'
        .'|[a-z]*(?:consents?|einwilligung|zustimmung|consentement|samtykke|samtycke|nyhedsbrev|nyhetsbrev))(?:$|[_\-\[\].\s\d])~i';

    /** Lists that somebody is put on, by what they are called. */
    private const LISTS = '~news|offer|promo|marketing|angebot|werbung|offres|erbjudand|tilbud~i';

    /** Names of what only sounds like it: a version, a list, a token. */
    private const TECHNICAL = '~version|token|csrf|list|_?id$|source|lang|text|url|nonce|hash|date|time|form~i';

    /**
     * @param  bool  $isTwin  whether a box of the same name stands on the form, of which it says that it is empty
     * @param  string  $words  of the label that it stands in, as where a box is only drawn
     */
    public function __construct(public Selector $where, public string $name, public string $value, public bool $isTwin, public string $words = '') {}

    /** Whether what it is called and what stands in it say yes to being written to, and nothing else about anybody. */
    public static function saysYes(string $name, string $value): bool
    {
        return preg_match(self::CONSENT, (string) preg_replace('~(?<=[a-z])(?=[A-Z])~', '_', $name)) === 1
            && preg_match(self::TECHNICAL, $name) !== 1
            && (Response::isYes($value) || (preg_match('~^subscribed?\b~i', $name) === 1 && preg_match(self::LISTS, $value) === 1));
    }
}
