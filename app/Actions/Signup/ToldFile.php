<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActRefusal;
use finfo;
use Juramen\Canon\Refused;

/** A letter or message with which somebody withdrew, as whoever recorded it has it. */
final readonly class ToldFile
{
    /** Bytes. */
    public const LARGEST = 2_000_000;

    /** By what they are, not by what they are called. */
    private const TYPES = ['application/pdf', 'image/jpeg', 'image/png', 'text/plain', 'message/rfc822'];

    private const LONGEST_NAME = 100;

    /** @param  string  $name  without anything that a path or a header could take for its own */
    private function __construct(public string $name, public string $type, public string $content) {}

    /** @throws Refused where it is too large, empty, or of another kind */
    public static function from(string $name, string $content): self
    {
        $type = (string) (new finfo(FILEINFO_MIME_TYPE))->buffer($content);
        if ($content === '' || strlen($content) > self::LARGEST) {
            throw Refused::because(ActRefusal::FileSize, most: intdiv(self::LARGEST, 1_000_000));
        }
        if (! in_array($type, self::TYPES, true)) {
            throw Refused::because(ActRefusal::FileKind);
        }
        $safe = trim((string) preg_replace('/[^\p{L}\p{N}. _-]+/u', '_', basename(mb_scrub($name, 'UTF-8'))), ' ._');

        return new self($safe === '' ? 'file' : mb_substr($safe, -self::LONGEST_NAME), $type, $content);
    }
}
