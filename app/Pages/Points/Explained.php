<?php

declare(strict_types=1);

namespace App\Pages\Points;

use Illuminate\Support\Facades\Lang;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;

/** A requirement in our own words, with a form that meets it and one that misses it. */
final readonly class Explained
{
    /**
     * @param  string  $unseen  what cannot be seen; empty where nothing is said of that
     * @param  string  $meets  HTML; empty where no form of others can show it
     * @param  string  $found  what is found on the one that misses it
     * @param  string  $kept  where no form shows it: how it is kept; empty where forms do
     * @param  string  $missed  and how it is missed
     */
    private function __construct(
        public string $name, public string $says, public string $checks, public string $unseen, public string $meets, public string $misses,
        public string $found, public string $kept, public string $missed
    ) {}

    public static function of(Requirement $requirement): self
    {
        $id = $requirement->id();
        $text = static fn (string $part): string => (string) __("requirements.$id.$part");
        $shown = static fn (string $key): string => Lang::has($key) ? (string) __($key) : '';
        $misses = $shown("examples.$id.misses");

        return new self(
            $text('name'), $text('says'), $text('checks'), $text('unseen'), $shown("examples.$id.meets"), $misses,
            $misses === '' ? '' : self::found($requirement, $misses), $shown("cases.$id.kept"), $shown("cases.$id.missed")
        );
    }

    private static function found(Requirement $requirement, string $html): string
    {
        $results = Requirements::judge(HtmlReader::read($html)[0]);
        $found = array_filter($results, static fn (Result $r): bool => $r->requirement->id() === $requirement->id() && $r->verdict->isFinding());

        return implode(' ', array_map(static fn (Result $r): string => $r->says, $found));
    }
}
