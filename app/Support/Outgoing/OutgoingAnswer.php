<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

use Juramen\Canon\Document;

/** What an address outside answered. */
final readonly class OutgoingAnswer
{
    public function __construct(public int $status, public string $body) {}

    public function isFine(): bool
    {
        return $this->status >= 200 && $this->status < 300;
    }

    /** Its JSON; empty where it is none. */
    public function document(): Document
    {
        $tree = json_decode($this->body, true, 32);

        return Document::from(is_array($tree) ? $tree : []);
    }
}
