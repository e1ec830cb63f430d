<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;

/** A placeholder that cannot be filled, and why. */
final readonly class Unfilled
{
    public function __construct(public string $name, public Language $language, public string $why) {}

    /**
     * Each placeholder and reason said once, with the languages in which it holds.
     *
     * @param  list<self>  $all
     * @return list<string>
     */
    public static function said(array $all): array
    {
        $languages = [];
        foreach ($all as $each) {
            $languages[$each->name."\n".$each->why][] = $each->language->endonym();
        }

        return array_map(static function (string $key, array $in): string {
            [$name, $why] = explode("\n", $key, 2);

            return "{{$name}} cannot be filled in ".Phrases::listed(Language::English, $in).": $why";
        }, array_keys($languages), array_values($languages));
    }
}
