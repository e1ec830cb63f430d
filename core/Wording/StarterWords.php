<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;

/** What a starter says in one language. */
final readonly class StarterWords
{
    /**
     * @param  string  $name  of the purpose, as subscribers call it
     * @param  string  $contents  what comes
     * @param  string  $rate  how often
     */
    public function __construct(public Language $language, public string $name, public string $contents, public string $rate, public string $statement) {}
}
