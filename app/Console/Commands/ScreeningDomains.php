<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Screening\ThrowAwayDomains;
use App\Console\Report;
use RuntimeException;

/** Takes up the list of domains of addresses to throw away, from its package or from a file. */
final class ScreeningDomains extends Report
{
    private const PACKAGE = 'node_modules/disposable-email-domains';

    protected $signature = 'screening:domains {file? : a domain to a line, or a JSON list; without it the package that is installed} {--json}';

    protected $description = 'Refreshes the list of domains whose addresses are thrown away; needs no database';

    protected function report(): int
    {
        $given = $this->argument('file');
        $lines = is_string($given) ? self::read($given) : [
            ...self::read(base_path(self::PACKAGE.'/index.json')),
            ...array_map(static fn (string $d): string => ThrowAwayDomains::BELOW.$d, self::read(base_path(self::PACKAGE.'/wildcard.json'))),
        ];
        $passOn = self::read(resource_path('screening/pass-on.txt'));
        $domains = array_values(array_unique(array_filter($lines, static fn (string $d): bool => ! in_array($d, $passOn, true)
            && preg_match('/^(?:\*\.)?[a-z0-9.-]{1,250}\.[a-z0-9-]{2,63}$/D', $d) === 1)));
        if ($domains === []) {
            throw new RuntimeException('The list holds no domain: give a file with one to a line, such as "throw-away.example".');
        }
        sort($domains, SORT_STRING);
        $file = config()->string('juramen.screening.throw_away');
        if (! is_dir(dirname($file))) {
            mkdir(dirname($file), 0755, true);
        }
        file_put_contents("$file.new", implode("\n", $domains)."\n");
        rename("$file.new", $file);
        $this->option('json') ? $this->json(['domains' => count($domains)]) : $this->line(number_format(count($domains)).' domains are known.');

        return self::SUCCESS;
    }

    /** @return list<string> */
    private static function read(string $file): array
    {
        $text = is_file($file) ? (string) file_get_contents($file) : throw new RuntimeException("There is no file $file.");
        $list = str_starts_with(ltrim($text), '[') ? json_decode($text, true) : explode("\n", $text);

        return array_values(array_filter(array_map(
            static fn (mixed $line): string => is_string($line) ? strtolower(trim($line)) : '', is_array($list) ? $list : []
        ), static fn (string $line): bool => $line !== '' && ! str_starts_with($line, '#')));
    }
}
