<?php

declare(strict_types=1);

namespace App\Pages\Registers;

/** An edition of a record as it stands in the margin. */
final readonly class EditionView
{
    /**
     * @param  string|null  $from  the day from which it holds, where that is later than its approval
     * @param  string|null  $people  how many agreed to exactly its words; null where it has none to agree to
     * @param  string|null  $peopleLink  address of who they are; null for whoever may not see that
     */
    public function __construct(
        public int $number,
        public ?string $from,
        public string $approved,
        public string $comment,
        public string $digest,
        public ?string $people,
        public ?string $peopleLink,
        public string $stood,
    ) {}
}
