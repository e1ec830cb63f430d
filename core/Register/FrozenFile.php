<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Digest;

/** A file that an edition hands out: which bytes, of which type, under which name. */
final readonly class FrozenFile
{
    /** Types that are handed out, each with how its name ends. */
    public const TYPES = ['application/pdf' => 'pdf', 'application/zip' => 'zip', 'image/png' => 'png', 'image/jpeg' => 'jpg'];

    private const PATTERN = '~^([0-9a-f]{64}) ([1-9]\d{0,8}) ([a-z]+/[a-z]+) ([\p{L}\p{N}][\p{L}\p{N} ._-]{0,99})$~Du';

    private function __construct(public Digest $digest, public int $size, public string $type, public string $name) {}

    /**
     * @param  int  $size  in bytes
     * @param  string  $name  as it came; what cannot stand in a file's name is left out
     */
    public static function of(Digest $digest, int $size, string $type, string $name): self
    {
        $stem = trim((string) preg_replace('/[^\p{L}\p{N} ._-]+/u', ' ', pathinfo($name, PATHINFO_FILENAME)), ' ._-');

        return new self($digest, $size, $type, mb_substr($stem === '' ? 'gift' : $stem, 0, 90).'.'.self::TYPES[$type]);
    }

    /** @param  string  $text  as text() gives it; null where it is none */
    public static function find(string $text): ?self
    {
        return preg_match(self::PATTERN, $text, $m) === 1 && isset(self::TYPES[$m[3]]) ? new self(Digest::fromHex($m[1]), (int) $m[2], $m[3], $m[4]) : null;
    }

    public function text(): string
    {
        return "{$this->digest->hex()} {$this->size} {$this->type} {$this->name}";
    }

    /** "342 kB" */
    public function sizeSaid(): string
    {
        return $this->size < 1_000_000 ? max(1, (int) round($this->size / 1000)).' kB' : round($this->size / 1_000_000, 1).' MB';
    }
}
