<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;
use SensitiveParameter;

/** A secret key for marks and links, with the id by which they name it. */
final readonly class MacKey
{
    /**
     * @param  string  $id  1 to 8 letters or digits, a letter first
     * @param  string  $secret  32 bytes
     *
     * @throws InvalidArgumentException
     */
    public function __construct(public string $id, #[SensitiveParameter] public string $secret)
    {
        if (preg_match('/^[a-z][a-z0-9]{0,7}$/D', $id) !== 1 || strlen($secret) !== 32) {
            throw new InvalidArgumentException('A key has an id of 1 to 8 letters or digits, a letter first, and a secret of 32 bytes.');
        }
    }
}
