<?php

declare(strict_types=1);

namespace App\Pages\Notes;

use App\Pages\Controls\PlaceId;
use Juramen\Audit\Result;
use Juramen\Points\Sentences;
use Juramen\Register\Language;

/** Something that is still to be written, in some languages. */
final readonly class ToWrite
{
    /** @param  string  $at  id of the control in which to begin */
    private function __construct(public string $says, public string $at) {}

    /**
     * @param  list<Result>  $unwritten
     * @return list<self> one for each text, whatever the languages
     */
    public static function all(array $unwritten): array
    {
        $texts = [];
        foreach ($unwritten as $result) {
            $place = $result->place();
            $language = $place === null ? null : Language::tryFrom($place->last());
            if ($place !== null && $language !== null) {
                $texts[(string) $place->up()?->text()][] = [$result, $place, $language];
            }
        }

        return array_values(array_map(static fn (array $of): self => new self(
            $of[0][0]->says.', in '.Sentences::listed(array_map(static fn (array $each): string => $each[2]->endonym(), $of)), PlaceId::of($of[0][1]->text())
        ), $texts));
    }

    /**
     * @param  list<Language>  $languages
     * @return list<self> words of a statement, one for each language
     */
    public static function words(array $languages): array
    {
        return array_map(static fn (Language $l): self => new self("The words, in {$l->endonym()}", PlaceId::of("texts/{$l->value}")), $languages);
    }
}
