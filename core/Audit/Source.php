<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Register\SourceCheck;

/** Where a requirement comes from. All were written down from memory; each says what of it is least sure. */
final readonly class Source
{
    /** @param  string  $doubt  what of it is least sure; empty where it is well known */
    public function __construct(public string $text, public SourceKind $kind, public string $doubt = '') {}

    /** How far it can be relied on. */
    public function sure(): string
    {
        return $this->kind === SourceKind::Ours ? 'Our own view of good practice; no law says so.' : SourceCheck::says($this->doubt);
    }
}
