<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Points\FormVersion;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/**
 * Counts what happens to forms, as lines in a file beside the database, so that a form is served without it: a day, an edition, a language and
 * what happened, never to whom. AddCounts brings them into the database.
 */
final class FlowLog
{
    public const NOW = 'now';

    public function __construct(private readonly string $folder, private readonly SystemClock $clock) {}

    /** A page of the form was shown; of its first one it is counted, too, in which of two versions. */
    public function shown(PointEdition $edition, Language $language, int $page = 1, ?FormVersion $version = null): void
    {
        $allotted = $version !== null && $edition->in($language)->allots() ? ["shown $version->value"] : [];
        $this->write($edition, $language, "shown $page", ...$allotted);
    }

    /**
     * It was sent and taken.
     *
     * @param  list<string>  $ticked  statements that were said yes to
     */
    public function sent(PointEdition $edition, Language $language, array $ticked): void
    {
        $this->write($edition, $language, 'sent', ...array_map(static fn (string $s): string => "ticked $s", $ticked));
    }

    public function held(PointEdition $edition, Language $language): void
    {
        $this->write($edition, $language, 'held');
    }

    /** The file that is written to, by its name. */
    public function path(string $name = self::NOW): string
    {
        return "$this->folder/$name";
    }

    /** What cannot be counted is not: nobody's form fails for it. */
    private function write(PointEdition $edition, Language $language, string ...$what): void
    {
        $day = $this->clock->today()->text;
        $lines = implode('', array_map(static fn (string $w): string => "$day {$edition->digest()->hex()} {$language->value} $w\n", $what));
        if (@file_put_contents($this->path(), $lines, FILE_APPEND) === false && ! is_dir($this->folder)) {
            @mkdir($this->folder, 0700, true);
            @file_put_contents($this->path(), $lines, FILE_APPEND);
        }
    }
}
