<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Screening\Models;
use App\Console\Report;
use Juramen\Screening\LetterModel;
use Locale;
use ResourceBundle;

/** Learns how letters follow each other from what countries and languages are called in all languages that the machine knows. */
final class ScreeningLetters extends Report
{
    protected $signature = 'screening:letters {--json}';

    protected $description = 'Learns anew which letters follow which in names, from countries and languages in all languages of ICU; needs no database';

    protected function report(): int
    {
        ini_set('memory_limit', '1G');
        $pairs = [];
        foreach (range('A', 'Z') as $a) {
            array_push($pairs, ...array_map(static fn (string $b): string => $a.$b, range('A', 'Z')));
        }
        $names = [];
        foreach (ResourceBundle::getLocales('') ?: [] as $locale) {
            // What one language says in another country is the same words.
            if (preg_match('/_[A-Z0-9]{2,3}$/', $locale) === 1) {
                continue;
            }
            foreach ($pairs as $pair) {
                foreach ([Locale::getDisplayRegion("-$pair", $locale), Locale::getDisplayLanguage(strtolower($pair), $locale)] as $name) {
                    if (is_string($name) && strcasecmp($name, $pair) !== 0) {
                        $names[$name] = true;
                    }
                }
            }
        }
        $model = LetterModel::of(array_map(strval(...), array_keys($names)));
        file_put_contents(Models::lettersFile(), $model->text());
        $pairsKnown = count($model->toArray());
        $this->option('json') ? $this->json(['names' => count($names), 'pairs' => $pairsKnown])
            : $this->line(number_format(count($names)).' names were read, and '.number_format($pairsKnown).' pairs of letters are kept.');

        return self::SUCCESS;
    }
}
