<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Digest;
use Juramen\Register\Language;

/** Which bytes an edition froze for one language. */
final readonly class FrozenLanguage
{
    /**
     * @param  list<Slot>  $slots
     * @param  array<string, array<string, string>>  $mails  mail kind to its frozen texts
     */
    public function __construct(public Language $language, public Digest $html, public Digest $css, public array $slots, public array $mails) {}
}
