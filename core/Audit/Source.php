<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** Where a requirement comes from. All are recalled from memory; each says how sure it is. */
final readonly class Source
{
    /** @param  string  $sure how sure we are that the source says this, in a few words */
    public function __construct(public string $text, public SourceKind $kind, public string $sure = 'from memory; well known') {}
}
