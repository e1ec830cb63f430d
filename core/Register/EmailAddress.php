<?php

declare(strict_types=1);

namespace Juramen\Register;

use Egulias\EmailValidator\EmailValidator;
use Egulias\EmailValidator\Validation\NoRFCWarningsValidation;
use Normalizer;

/** An email address that mail on the open internet can reach. Source: RFC 5321, 5322, 6531 by egulias/email-validator. */
final readonly class EmailAddress
{
    /** Octets, RFC 5321 section 4.5.3.1.3 as corrected by erratum 1690. */
    private const LONGEST = 254;

    /** @param  string  $text as the person wrote it, trimmed, in Unicode's composed form */
    private function __construct(public string $text) {}

    /** @throws InvalidEmailAddress */
    public static function parse(string $given): self
    {
        $text = Normalizer::normalize(preg_replace('/^[\s\x{200b}\x{feff}]+|[\s\x{200b}\x{feff}]+$/u', '', $given) ?? '') ?: '';
        $fault = match (true) {
            $text === '' => EmailFault::Missing,
            strlen($text) > self::LONGEST => EmailFault::TooLong,
            ! str_contains($text, '@') => EmailFault::NoAt,
            preg_match('/\s/u', $text) === 1 => EmailFault::Space,
            preg_match('/@(?:[^@.]+\.)+(?!\d+$)[^@.]{2,}$/uD', $text) !== 1 => EmailFault::Domain,
            ! (new EmailValidator)->isValid($text, new NoRFCWarningsValidation) => EmailFault::Malformed,
            default => null,
        };
        if ($fault !== null) {
            throw new InvalidEmailAddress($fault);
        }

        return new self($text);
    }

    /** The form under which one mailbox is one person: lower case, the domain in ASCII (RFC 5891). */
    public function lookup(): string
    {
        $at = (int) strrpos($this->text, '@');
        $domain = substr($this->text, $at + 1);
        $ascii = idn_to_ascii($domain, IDNA_NONTRANSITIONAL_TO_ASCII, INTL_IDNA_VARIANT_UTS46);

        return mb_strtolower(substr($this->text, 0, $at)).'@'.strtolower($ascii === false ? $domain : $ascii);
    }

    /**
     * The inbox that mail to it fills, as far as can be seen: many servers put "name+anything" into the inbox of "name" (common
     * practice, RFC 5233 section 1). Only for counting; who is who goes by lookup().
     */
    public function mailbox(): string
    {
        return (string) preg_replace('/^([^+@]+)\+[^@]*@/', '$1@', $this->lookup());
    }

    /** What stands before the @, as it was typed. */
    public function local(): string
    {
        return substr($this->text, 0, (int) strrpos($this->text, '@'));
    }

    /** What stands behind the @, as it was typed. */
    public function domain(): string
    {
        return substr($this->text, (int) strrpos($this->text, '@') + 1);
    }

    public function equals(self $other): bool
    {
        return $this->lookup() === $other->lookup();
    }
}
