<?php

declare(strict_types=1);

namespace Juramen\Register;

/**
 * What the name servers say of an address that mails come from: which servers may send for its domain, how its mails are signed, and what
 * receivers are to do with others. Source: RFC 7208 (SPF), RFC 6376 (DKIM), RFC 7489 (DMARC)
 */
final readonly class SenderProof
{
    /** @param  list<SenderFinding>  $findings  SPF, DKIM, DMARC, in that order */
    private function __construct(public string $domain, public array $findings) {}

    /**
     * @param  string  $domain  of the address
     * @param  list<string>|null  $spf  texts that stand under the domain; null where nobody answered
     * @param  list<string>|null  $dkim  under the selector's name; null where nobody answered
     * @param  string  $selector  of the key with which mails are signed; empty where nobody has said
     * @param  list<string>|null  $dmarc  under "_dmarc" of the domain, or of the one above it; null where nobody answered
     */
    public static function of(string $domain, ?array $spf, ?array $dkim, string $selector, ?array $dmarc): self
    {
        return new self($domain, [self::spf($domain, $spf), self::dkim($dkim, $selector, $domain), self::dmarc($domain, $dmarc)]);
    }

    public function isSound(): bool
    {
        return array_filter($this->findings, static fn (SenderFinding $f): bool => ! $f->met) === [];
    }

    /** @param  list<string>|null  $texts */
    private static function spf(string $domain, ?array $texts): SenderFinding
    {
        $records = array_values(array_filter($texts ?? [], static fn (string $t): bool => preg_match('/^v=spf1(?: |$)/i', $t) === 1));
        $all = preg_match('/(?:^| )([+?~-]?)all(?: |$)/i', $records[0] ?? '', $m) === 1 ? $m[1] : null;

        return match (true) {
            $texts === null => new SenderFinding('SPF', false, 'The name servers did not answer; check again later.'),
            $records === [] => new SenderFinding(
                'SPF', false, "Nothing says which servers may send for $domain. Whoever runs its names adds a text “v=spf1 … -all”."
            ),
            count($records) > 1 => new SenderFinding('SPF', false, "$domain has ".count($records).' such texts, and receivers then take none. One is left.'),
            $all === '' || $all === '+' => new SenderFinding('SPF', false, 'It lets any server send (“+all”). It ends with “-all”.'),
            $all === null && ! str_contains(mb_strtolower($records[0]), 'redirect=') => new SenderFinding(
                'SPF', false, 'It does not say what becomes of other servers. It ends with “-all”.'
            ),
            default => new SenderFinding('SPF', true, 'Says which servers may send: '.mb_strimwidth($records[0], 0, 120, '…')),
        };
    }

    /** @param  list<string>|null  $texts */
    private static function dkim(?array $texts, string $selector, string $domain): SenderFinding
    {
        $record = array_values(array_filter($texts ?? [], static fn (string $t): bool => preg_match('/(?:^|;) *p=/i', $t) === 1))[0] ?? '';

        return match (true) {
            $selector === '' => new SenderFinding('DKIM', false, 'Nobody has said under which name the key stands with which mails are signed.'),
            $texts === null => new SenderFinding('DKIM', false, 'The name servers did not answer; check again later.'),
            $record === '' => new SenderFinding('DKIM', false, "There is no key at $selector._domainkey.$domain."),
            preg_match('/(?:^|;) *p= *(?:;|$)/i', $record) === 1 => new SenderFinding('DKIM', false, 'The key was withdrawn: it is empty.'),
            default => new SenderFinding('DKIM', true, "A key stands at $selector._domainkey.$domain."),
        };
    }

    /** @param  list<string>|null  $texts */
    private static function dmarc(string $domain, ?array $texts): SenderFinding
    {
        $record = array_values(array_filter($texts ?? [], static fn (string $t): bool => preg_match('/^v=DMARC1(?: *;|$)/', $t) === 1))[0] ?? '';
        preg_match('/; *p *= *(none|quarantine|reject)/i', $record, $policy);
        $says = mb_strtolower($policy[1] ?? '');

        return match (true) {
            $texts === null => new SenderFinding('DMARC', false, 'The name servers did not answer; check again later.'),
            $says === '' => new SenderFinding('DMARC', false, "Nothing tells receivers what to do with mails that only pretend to come from $domain."),
            $says === 'none' => new SenderFinding('DMARC', false, 'It tells receivers to do nothing about mails that only pretend (“p=none”).'),
            default => new SenderFinding(
                'DMARC', true, 'Receivers are to '.($says === 'reject' ? 'refuse' : 'set apart').' mails that only pretend to come from it.'
            ),
        };
    }
}
