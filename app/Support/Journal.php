<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Consent\Entry;
use RuntimeException;

/**
 * What was committed and is not yet sealed, a line an entry, in files beside the key and outside the database: whoever removes an
 * entry from the database before it is sealed leaves its line behind. One file for each machine; a file is closed before it
 * is read, so that nobody who is writing loses a line.
 */
final class Journal
{
    private const CLOSED = '.closed-';

    public function __construct(private readonly string $folder, private readonly string $machine) {}

    /** Durable when this returns. */
    public function write(Entry $entry, int $position): void
    {
        $line = (new JournalLine($position, $entry->subject, $entry->sequence, $entry->digest()))->text()."\n";
        for ($try = 0; $try < 100; $try++) {
            $file = $this->open($this->path());
            flock($file, LOCK_SH);
            // Closed in the moment before: write into the new one.
            clearstatcache(true, $this->path());
            if (@fileinode($this->path()) === (fstat($file) ?: [])['ino']) {
                $whole = fwrite($file, $line) === strlen($line) && fsync($file);
                fclose($file);
                if (! $whole) {
                    throw new RuntimeException('The journal could not be written.');
                }

                return;
            }
            fclose($file);
        }
        throw new RuntimeException('The journal could not be written: it was closed under every try.');
    }

    /** Closes what was written on this machine so far, so that it can be cleared once it is sealed. */
    public function close(): void
    {
        clearstatcache(true, $this->path());
        if ((int) @filesize($this->path()) > 0) {
            rename($this->path(), $this->path().self::CLOSED.hrtime(true));
        }
    }

    /** @return list<JournalLine> of every machine, closed or not */
    public function lines(): array
    {
        $lines = [];
        foreach (glob("{$this->folder}/*") ?: [] as $path) {
            array_push($lines, ...$this->read($path));
        }

        return $lines;
    }

    /**
     * Clears closed files of this machine in which nothing is left to be watched over.
     *
     * @param  callable(list<JournalLine>): list<JournalLine>  $left  those of the lines that must be kept
     */
    public function clear(callable $left): void
    {
        foreach (glob($this->path().self::CLOSED.'*') ?: [] as $path) {
            $file = $this->open($path);
            // Whoever still writes into it is waited for.
            flock($file, LOCK_EX);
            if ($left($this->read($path)) === []) {
                unlink($path);
            }
            fclose($file);
        }
    }

    /** Takes every line out of the way after a loss that a person has understood; they stay readable under that name. */
    public function archive(string $name): void
    {
        foreach (glob("{$this->folder}/*") ?: [] as $path) {
            file_put_contents(dirname($this->folder)."/$name", (string) file_get_contents($path), FILE_APPEND);
            unlink($path);
        }
    }

    private function path(): string
    {
        return "{$this->folder}/{$this->machine}";
    }

    /** @return resource */
    private function open(string $path)
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0700, true);
        }
        $file = @fopen($path, 'ab') ?: throw new RuntimeException("The journal in {$this->folder} cannot be opened.");
        @chmod($path, 0600);

        return $file;
    }

    /** @return list<JournalLine> whole lines; the last may be being written, or was cut by a crash */
    private function read(string $path): array
    {
        return array_values(array_filter(array_map(JournalLine::parse(...), explode("\n", (string) @file_get_contents($path)))));
    }
}
