<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Wording\Frames\Meaning;

/** One duty of the law or of good practice, which judges a Reading wherever it came from. */
interface Requirement
{
    /** Fixed: in code, database, exports and on the command line. */
    public function id(): string;

    /** What must show, in a sentence. */
    public function title(): string;

    public function source(): Source;

    public function judgedBy(): JudgedBy;

    /** The least that it can judge; it is asked of nothing less. */
    public function reach(): Reach;

    /** @return list<Meaning> what it listens for in words */
    public function hears(): array;

    /** Whether it has something to say where words of the language read are still missing. */
    public function judgesUnfinished(): bool;

    /** Whether it judges a page whose words are in a language that is not read here. */
    public function judgesUnread(): bool;

    /** @return non-empty-list<Result> findings, or that it is met or does not apply */
    public function judge(Reading $reading): array;
}
