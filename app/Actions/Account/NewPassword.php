<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActRefusal;
use Juramen\Canon\Refused;
use SensitiveParameter;

/** A password that somebody chose: long rather than strange (common practice: NIST SP 800-63B, 5.1.1). */
final readonly class NewPassword
{
    public const LEAST = 12;

    public const MOST = 200;

    private function __construct(#[SensitiveParameter] public string $text) {}

    /** @throws Refused where it is too short or too long, or was not typed twice the same */
    public static function typed(#[SensitiveParameter] string $text, #[SensitiveParameter] string $again): self
    {
        if (mb_strlen($text) < self::LEAST || mb_strlen($text) > self::MOST) {
            throw Refused::because(ActRefusal::PasswordLength, least: self::LEAST, most: self::MOST);
        }

        return $text === $again ? new self($text) : throw Refused::because(ActRefusal::PasswordsDiffer);
    }
}
