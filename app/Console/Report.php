<?php

declare(strict_types=1);

namespace App\Console;

use App\Support\ScrubbedLog;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Throwable;

/** A command that people script: exits 0 where all is well, 1 where it found something, 2 where it could not run. */
abstract class Report extends Command
{
    final public const FOUND = 1;

    final public const COULD_NOT_RUN = 2;

    final public function handle(): int
    {
        try {
            return $this->report();
        } catch (Throwable $e) {
            $this->progress($e->getMessage() === '' ? $e::class : ScrubbedLog::scrub($e->getMessage()));

            return self::COULD_NOT_RUN;
        }
    }

    abstract protected function report(): int;

    /** Says how far it has come, on standard error. */
    protected function progress(string $text): void
    {
        $output = $this->output->getOutput();
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($text);
    }

    /** @param  array<string, mixed>  $data */
    protected function json(array $data): void
    {
        $this->line(json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
    }
}
