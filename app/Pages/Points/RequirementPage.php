<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\NoteAnswer;
use App\Queries\Wording\MisreadSentences;
use App\Support\Moments;
use Juramen\Audit\Requirement;
use Juramen\Register\Language;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\LanguageFiles;

/** A requirement, with sentences in each language that mean what it listens for, and such as only look like it. */
final readonly class RequirementPage
{
    /**
     * @param  list<HeardMeaning>  $heard
     * @param  list<MisreadSentence>  $misread
     */
    private function __construct(public Requirement $requirement, public Explained $explained, public array $heard, public array $misread) {}

    public static function of(Requirement $requirement, MisreadSentences $misread): self
    {
        return new self(
            $requirement, Explained::of($requirement), array_map(static fn (Meaning $m): HeardMeaning => self::heard($m), $requirement->hears()),
            array_values($misread->of($requirement->id())->map(static fn (NoteAnswer $a): MisreadSentence => new MisreadSentence(
                $a->language, $a->sentence, "{$a->maker->name}, ".Moments::day($a->made_at)
            ))->all())
        );
    }

    private static function heard(Meaning $meaning): HeardMeaning
    {
        $languages = [];
        foreach (Language::cases() as $language) {
            $lines = LanguageFiles::sentences($language)->lines($meaning->value);
            $with = static fn (string $mark): array => array_values(array_map(
                static fn (string $line): string => trim(substr($line, 1)), array_filter($lines, static fn (string $line): bool => $line[0] === $mark)
            ));
            $languages[] = new HeardSentences($language->value, $language->endonym(), $with('+'), $with('-'));
        }

        return new HeardMeaning($meaning->says(), $languages);
    }
}
