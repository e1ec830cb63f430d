<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\PublishedEdition;
use App\Queries\Points\EditionsInForce;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Points\FormVersion;
use Juramen\Points\FrozenForm;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/**
 * What is published, read from files that are named by the SHA-256 of their bytes and checked against it, so that a
 * form is served without the database; what is missing is fetched from the database and kept.
 */
final class PublishedForms
{
    private const PAUSED = 'paused ';

    public function __construct(private readonly string $folder, private readonly EditionsInForce $inForce) {}

    /** The edition in force; null where no such point is published. */
    public function current(string $slug): ?PointEdition
    {
        if (preg_match('/^[a-z0-9-]{1,100}$/D', $slug) !== 1) {
            return null;
        }
        $kept = $this->kept($slug);
        if ($kept === '') {
            $this->refresh([$slug]);
            $kept = $this->kept($slug);
        }

        return $kept === '' ? null : $this->edition(Digest::fromHex(substr($kept, -64)));
    }

    /** Whether it is known without the database which edition of a point is in force. */
    public function keeps(string $slug): bool
    {
        return $this->kept($slug) !== '';
    }

    /** Whether somebody took a published form off the air. */
    public function isPaused(string $slug): bool
    {
        return str_starts_with($this->kept($slug), self::PAUSED);
    }

    /** @return string the digest of a point's edition in hex, behind a word where it is paused; empty where nothing is kept */
    private function kept(string $slug): string
    {
        return (string) @file_get_contents("{$this->folder}/point-".basename($slug));
    }

    /**
     * Reads from the database which edition of points is in force and whether they are paused, and keeps that.
     *
     * @param  list<string>|null  $slugs  all, where none are named
     */
    public function refresh(?array $slugs = null): void
    {
        foreach ($slugs === null ? $this->inForce->all() : $this->inForce->of($slugs) as $row) {
            $this->keep("point-{$row->point->slug}", ($row->point->paused_at === null ? '' : self::PAUSED).$row->digest->hex());
        }
    }

    public function edition(Digest $digest): PointEdition
    {
        return PointEdition::parse($this->bytes($digest, fn (): ?string => PublishedEdition::query()->where('digest', $digest->bytes)->value('bytes')));
    }

    /** @param  int  $number  of the page, from 1 */
    public function form(PointEdition $edition, Language $language, int $number = 1, FormVersion $version = FormVersion::First): FrozenForm
    {
        $pages = $edition->in($language)->pagesOf($version);
        $page = $pages[$number - 1] ?? $pages[0];

        return new FrozenForm($this->frozen($page->html), $page->slots);
    }

    /** Frozen HTML or CSS by the name of its bytes. */
    public function frozen(Digest $digest): string
    {
        return $this->bytes($digest, fn (): ?string => DB::table('frozen_bytes')->where('digest', $digest->bytes)->value('bytes'));
    }

    /** @param  callable(): ?string  $fetch */
    private function bytes(Digest $digest, callable $fetch): string
    {
        $bytes = @file_get_contents("{$this->folder}/{$digest->hex()}");
        if ($bytes !== false && Digest::of($bytes)->equals($digest)) {
            return $bytes;
        }
        $bytes = $fetch();
        if ($bytes === null || ! Digest::of($bytes)->equals($digest)) {
            throw new UnknownBytes($digest->hex(), $bytes !== null);
        }
        $this->keep($digest->hex(), $bytes);

        return $bytes;
    }

    private function keep(string $name, string $bytes): void
    {
        $beside = "{$this->folder}/.$name.".bin2hex(random_bytes(4));
        if (@file_put_contents($beside, $bytes) === strlen($bytes)) {
            rename($beside, "{$this->folder}/$name");
        }
    }
}
