<?php

declare(strict_types=1);

namespace Juramen\Screening\Alike;

use Juramen\Screening\Text\Tokens;

/** What a submission has that another of the same hand has too. */
final readonly class Traits
{
    /** Words below which a text is like another by chance. */
    private const FEW = 5;

    private const MOST = 300;

    /**
     * @param  string  $domain  of its address
     * @param  string  $pattern  of the part before the @, as AddressPattern gives it; "" where it is letters alone, as anybody's
     * @param  string  $network  truncated; "" where none is kept
     * @param  string  $signals  that were noticed, without how much of each; "" of none
     * @param  list<string>  $words  of what was written, each once
     * @param  string  $occasion  where and on which day it came; "" where all came about then
     */
    private function __construct(
        public string $domain, public string $pattern, public string $network, public string $signals, public array $words, public string $occasion = ''
    ) {}

    /**
     * @param  string  $email  a whole address
     * @param  string  $text  that was written
     * @param  string  $stored  what was noticed, as Assessment::stored() gives it
     */
    public static function of(string $email, string $text, string $network = '', string $stored = ''): self
    {
        $at = (int) strrpos($email, '@');
        $local = substr($email, 0, $at);
        $words = array_slice(Tokens::of($text), 0, self::MOST);

        return new self(
            strtolower(substr($email, $at + 1)), preg_match('/[^\p{L}.@-]/u', $local) === 1 ? AddressPattern::of($local) : '', $network,
            (string) preg_replace('/=[\d.]+/', '', $stored), count($words) < self::FEW ? [] : $words
        );
    }

    /**
     * Of somebody who is on a list already.
     *
     * @param  string  $email  a whole address
     * @param  string  $stored  what was noticed, as Assessment::stored() gives it
     * @param  string  $occasion  where and on which day it came
     */
    public static function ofSignup(string $email, string $stored, string $occasion): self
    {
        $of = self::of($email, '', '', $stored);

        return new self($of->domain, $of->pattern, '', $of->signals, [], $occasion);
    }

    /** Whether both are likely of one hand: by their words, or by three other traits at least. */
    public function isLike(self $other): bool
    {
        if ($this->words !== [] && $other->words !== []) {
            $both = count(array_intersect($this->words, $other->words));

            return $both >= 0.5 * (count($this->words) + count($other->words) - $both);
        }
        $shared = 0;
        foreach (['domain', 'pattern', 'network', 'signals', 'occasion'] as $trait) {
            $shared += (int) ($this->{$trait} !== '' && $this->{$trait} === $other->{$trait});
        }

        return $shared >= 3;
    }
}
