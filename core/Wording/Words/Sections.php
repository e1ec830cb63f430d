<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use InvalidArgumentException;

/** What the files of a language say: under the name of each section its lines, remarks left out. */
final readonly class Sections
{
    /** @param  array<string, list<string>>  $lines */
    private function __construct(private array $lines) {}

    /**
     * @param  list<string>  $texts  contents of files
     *
     * @throws InvalidArgumentException where a line stands before the first section of its file
     */
    public static function parse(array $texts): self
    {
        $lines = [];
        foreach ($texts as $text) {
            $section = null;
            foreach (explode("\n", $text) as $i => $line) {
                $line = trim($line);
                if ($line === '' || $line[0] === '#') {
                    continue;
                }
                if (preg_match('~^\[([a-z -]+)]$~', $line, $m) === 1) {
                    $section = $m[1];

                    continue;
                }
                $lines[$section ?? throw new InvalidArgumentException('Line '.($i + 1)." (\"$line\") needs a section, such as [sends], above it.")][] = $line;
            }
        }

        return new self($lines);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->lines);
    }

    /** @return list<string> empty where there is no such section */
    public function lines(string $name): array
    {
        return $this->lines[$name] ?? [];
    }
}
