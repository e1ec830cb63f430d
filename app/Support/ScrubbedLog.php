<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Log\Logger;
use Monolog\LogRecord;

/** Takes whatever looks like a person's address, number or network out of every line before it is written. */
final class ScrubbedLog
{
    public function __invoke(Logger $logger): void
    {
        $monolog = $logger->getLogger();
        if ($monolog instanceof \Monolog\Logger) {
            $monolog->pushProcessor(static fn (LogRecord $record): LogRecord => $record->with(
                message: self::scrub($record->message),
                context: array_map(
                    static fn (mixed $v): mixed => is_string($v) ? self::scrub($v) : (is_scalar($v) ? $v : get_debug_type($v)), $record->context
                ),
            ));
        }
    }

    public static function scrub(string $text): string
    {
        return (string) preg_replace([
            '/[^\s<>"\'()\[\],;:]+@[^\s<>"\'()\[\],;:]+/u',
            '/\b\d{1,3}(\.\d{1,3}){3}\b/',
            '/\b[0-9a-f]{1,4}(:[0-9a-f]{0,4}){3,7}\b/i',
            // A run of digits within a digest or an id is part of it, and no number of anybody's.
            '/(?<![0-9a-f])\+?\d[\d \-\/]{7,}\d(?![0-9a-f])/',
            '/\b[a-z][a-z0-9]{0,7}\.[A-Za-z0-9_-]{16,}\.[A-Za-z0-9_-]{20,}/',
        ], ['[address]', '[network]', '[network]', '[number]', '[secret]'], $text);
    }
}
