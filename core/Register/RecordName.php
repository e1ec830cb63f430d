<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Slug;

/** Names a record: its kind and its short name. */
final readonly class RecordName
{
    public function __construct(public RecordKind $kind, public Slug $slug) {}

    /** As entries and messages write it: "purpose voyage-news". */
    public function text(): string
    {
        return $this->kind->value.' '.$this->slug->text;
    }

    public function equals(self $other): bool
    {
        return $this->text() === $other->text();
    }
}
