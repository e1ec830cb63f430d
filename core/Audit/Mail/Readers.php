<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

use ZBateson\MailMimeParser\Header\AddressHeader;
use ZBateson\MailMimeParser\Header\Part\AddressPart;
use ZBateson\MailMimeParser\IMessage;

/** Whoever a mail was sent to: what names them is kept nowhere. */
final readonly class Readers
{
    /** Fields of a mail's head in which readers stand. Source: RFC 5322, 3.6.3; the others are common practice. */
    private const FIELDS = ['To', 'Cc', 'Bcc', 'Delivered-To', 'X-Original-To', 'Envelope-To'];

    /** Letters of a name that is told from a word by itself. */
    private const SHORTEST = 3;

    /** Words of a line that greets, and of one that ends in no mark. */
    private const GREETING = 6;

    private const SHORT = 3;

    /**
     * @param  list<string>  $named  addresses, and names of several words
     * @param  list<string>  $parts  of names
     */
    private function __construct(private array $named, private array $parts) {}

    public static function of(IMessage $mail): self
    {
        $named = [];
        foreach (self::FIELDS as $field) {
            foreach ($mail->getAllHeadersByName($field) as $header) {
                $value = (string) $header->getValue();
                $addresses = $header instanceof AddressHeader ? $header->getAddresses()
                    : (str_contains($value, '@') ? [trim($value, " <>\t")] : []);
                foreach ($addresses as $address) {
                    $named[] = $address instanceof AddressPart ? $address->getEmail() : $address;
                    $named[] = $address instanceof AddressPart ? $address->getName() : '';
                }
            }
        }
        $named = array_values(array_unique(array_filter($named, static fn (string $each): bool => trim($each) !== '')));
        $parts = array_merge([], ...array_map(static fn (string $each): array => preg_split('~[^\p{L}’\'-]+~u', explode('@', $each)[0]) ?: [], $named));

        // A name of one word may be a word of any sentence: "May", "Ed".
        $named = array_values(array_filter($named, static fn (string $each): bool => preg_match('~[\s@]~u', $each) === 1));

        return new self(
            [...$named, ...array_map(rawurlencode(...), $named)],
            array_values(array_unique(array_filter($parts, static fn (string $part): bool => mb_strlen($part) >= self::SHORTEST)))
        );
    }

    /** Words without whoever reads them: their addresses and names wherever they stand, and a part of a name where somebody is spoken to. */
    public function leftOutOf(string $words): string
    {
        $words = str_ireplace($this->named, MailLink::LEFT_OUT, $words);
        if ($this->parts === []) {
            return $words;
        }
        $any = '(?<!\p{L})(?:'.implode('|', array_map(static fn (string $part): string => preg_quote($part, '~'), $this->parts)).')(?!\p{L})';
        $lines = array_map(static fn (string $line): string => (string) preg_replace(
            self::greets($line) ? "~$any~iu" : "~^\s*$any(?=\s*[,!:])|,\s*\K$any(?=\s*[.!?]*\s*$)~iu", MailLink::LEFT_OUT, $line
        ), explode("\n", $words));

        return implode("\n", $lines);
    }

    /** "Dear Mrs Sand," in a line of its own. */
    private static function greets(string $line): bool
    {
        $more = static fn (int $words): string => '(?:[\s.]+[^\s,!:.]+){1,'.($words - 1).'}';

        return preg_match("~^\s*\p{L}+(?:{$more(self::GREETING)}\s*[,!:]|{$more(self::SHORT)})\s*$~u", $line) === 1;
    }
}
