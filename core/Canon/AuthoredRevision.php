<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** A revision of a document with whoever made it. */
final readonly class AuthoredRevision
{
    public function __construct(public RevisionStep $step, public int $author, public Document $document) {}
}
