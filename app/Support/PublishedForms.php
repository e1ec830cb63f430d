<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Point;
use App\Models\PublishedEdition;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
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

    public function __construct(private readonly string $folder) {}

    /** The edition in force; null where no such point is published. */
    public function current(string $slug): ?PointEdition
    {
        if (preg_match('/^[a-z0-9-]{1,100}$/D', $slug) !== 1) {
            return null;
        }
        $kept = @file_get_contents("{$this->folder}/point-$slug") ?: $this->refresh($slug);

        return $kept === null ? null : $this->edition(Digest::fromHex(substr($kept, -64)));
    }

    /** Whether a published form is off the air. */
    public function isPaused(string $slug): bool
    {
        return str_starts_with((string) @file_get_contents("{$this->folder}/point-".basename($slug)), self::PAUSED);
    }

    /**
     * Reads from the database which edition of a point is in force and whether it is paused, and keeps that.
     *
     * @return string|null the edition's digest in hex, behind a word where it is paused
     */
    public function refresh(string $slug): ?string
    {
        $row = PublishedEdition::query()->with('point')->whereRelation('point', 'slug', $slug)->orderByDesc('number')->first();
        if ($row === null) {
            return null;
        }
        $text = ($row->point->paused_at === null ? '' : self::PAUSED).$row->digest->hex();
        $this->keep("point-$slug", $text);

        return $text;
    }

    public function refreshAll(): void
    {
        Point::query()->pluck('slug')->each(fn (string $slug): ?string => $this->refresh($slug));
    }

    public function edition(Digest $digest): PointEdition
    {
        return PointEdition::parse($this->bytes($digest, fn (): ?string => PublishedEdition::query()->where('digest', $digest->bytes)->value('bytes')));
    }

    public function form(PointEdition $edition, Language $language): FrozenForm
    {
        $page = $edition->in($language)->pages[0];

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
