<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

/** What words of a mail do, in the five languages: it asks to confirm, says what happens to whoever does nothing, or sells. */
final class MailWords
{
    private const CONFIRMS = '~\bconfirm|\bverif(?:y|ied|ication)|bestätig|confirme[rz]?\b|confirmation|bekräfta|bekræft|activate|aktivier|activer'
        .'|aktiver~iu';

    private const IGNORES = '~\bignore|did(?:n.t| not) (?:sign|request|ask|enter)|(?:was|were)n?(?:.t| not) you|need do nothing|do nothing'
        .'|nothing (?:more )?(?:is|will be)|ignorier|nicht (?:Sie|du) waren'
        .'|nicht selbst|nichts (?:weiter )?(?:zu )?tun|müssen Sie nichts|keine Anmeldung|ignorez|n.(?:avez|êtes) pas|pas à l.origine'
        .'|rien (?:à )?faire|ignorera|inte (?:var )?du|behöver (?:du )?inte|ignorer|ikke (?:var )?dig|behøver (?:du )?ikke|ikke foretage~iu';

    private const SELLS = '~\d\s?%|[€£$]\s?\d|\d\s?(?:€|EUR|kr\b)|voucher|discount|shop now|buy now|Gutschein|Rabatt'
        .'|jetzt (?:kaufen|bestellen|sparen)|bon de réduction'
        .'|remise|achetez|rabattkod|handla nu|køb nu|spar nu~iu';

    public static function confirms(string $text): bool
    {
        return preg_match(self::CONFIRMS, $text) === 1;
    }

    public static function saysWhatIfIgnored(string $text): bool
    {
        return preg_match(self::IGNORES, $text) === 1;
    }

    /** @return string the first words that sell something; empty where none do */
    public static function sells(string $text): string
    {
        return preg_match(self::SELLS, $text, $m) === 1 ? $m[0] : '';
    }

    /** @return float from 0 to 1: how many of a statement's words stand in a mail */
    public static function repeats(string $statement, string $mail): float
    {
        $words = static fn (string $text): array => array_unique(preg_split('~[^\p{L}]+~u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        $said = array_filter($words($statement), static fn (string $w): bool => mb_strlen($w) > 3);

        return $said === [] ? 1.0 : count(array_intersect($said, $words($mail))) / count($said);
    }
}
