<?php

declare(strict_types=1);

namespace App\Actions;

use finfo;
use Illuminate\Http\UploadedFile;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;

/** A letter, message or document on which somebody of the house rests what they record. */
final readonly class ProofFile
{
    /** Bytes. */
    public const LARGEST = 2_000_000;

    /** By what they are, not by what they are called. */
    private const TYPES = ['application/pdf', 'image/jpeg', 'image/png', 'text/plain', 'message/rfc822'];

    private const LONGEST_NAME = 100;

    /** @param  string  $name  without anything that a path or a header could take for its own */
    private function __construct(public string $name, public string $type, public string $content) {}

    /** One that was taken before. */
    public static function of(string $name, string $type, string $content): self
    {
        return new self($name, $type, $content);
    }

    public function digest(): Digest
    {
        return Digest::of($this->content);
    }

    /** As entries name it: by its name, what it is, and the digest of what it holds. */
    public function said(): string
    {
        return "$this->name, $this->type, sha256 {$this->digest()->hex()}";
    }

    /** What was uploaded; null where nothing was. @throws Refused see from() */
    public static function uploaded(mixed $file): ?self
    {
        return $file instanceof UploadedFile ? self::from($file->getClientOriginalName(), $file->isValid() ? (string) $file->getContent() : '') : null;
    }

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
