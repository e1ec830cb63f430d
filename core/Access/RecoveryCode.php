<?php

declare(strict_types=1);

namespace Juramen\Access;

use Juramen\Canon\Base32;
use Juramen\Canon\Digest;
use SensitiveParameter;

/** Lets somebody in once who has lost the phone: 80 random bits, as four groups of four characters. Only its digest is kept. */
final readonly class RecoveryCode
{
    private const BYTES = 10;

    private function __construct(#[SensitiveParameter] private string $letters) {}

    public static function random(): self
    {
        return new self(Base32::encode(random_bytes(self::BYTES)));
    }

    /** What somebody typed, in whatever case, with whatever between the groups; null where it cannot be such a code. */
    public static function typed(#[SensitiveParameter] string $given): ?self
    {
        $letters = strtr(strtoupper((string) preg_replace('/[\s\-–—.]+/u', '', $given)), '01', 'OI');

        return preg_match('/^[A-Z2-7]{16}$/D', $letters) === 1 ? new self($letters) : null;
    }

    /** As it is written down, such as "K7QD-3MZA-X2BC-LLP5". */
    public function text(): string
    {
        return implode('-', str_split($this->letters, 4));
    }

    public function digest(): Digest
    {
        return Digest::of($this->letters);
    }
}
