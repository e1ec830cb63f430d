<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\RecordKind;
use Juramen\Register\Controller;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Wording\Statement;

/** What the office calls the things in its registers. */
final class RecordNames
{
    public static function title(RecordKind $kind, string $slug, HouseRules|Controller|Purpose|Statement|Processor $thing): string
    {
        return match (true) {
            $thing instanceof HouseRules => 'House rules',
            $thing instanceof Purpose => $thing->names->has(Language::English) ? ucfirst($thing->names->in(Language::English)) : $slug,
            $thing instanceof Controller, $thing instanceof Processor => $thing->name,
            default => ucfirst(str_replace('-', ' ', $slug)),
        };
    }

    /** A place of a document in words: "texts/de" is "Deutsch", "lapse-days" is "lapse days". */
    public static function place(string $place): string
    {
        $parts = explode('/', $place);
        $language = Language::tryFrom((string) end($parts));
        $what = strtr($parts[0], '-', ' ');

        return match (true) {
            $language !== null && $parts[0] === 'texts' => $language->endonym(),
            $language !== null => ucfirst($what).', '.$language->endonym(),
            default => ucfirst(implode(', ', array_map(static fn (string $p): string => strtr($p, '-', ' '), $parts))),
        };
    }
}
