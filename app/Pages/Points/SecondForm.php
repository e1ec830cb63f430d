<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Line;
use App\Pages\Controls\PlaceId;
use App\Pages\Notes\Margin;
use Juramen\Points\SecondWords;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** The controls of other words, of which half of those who open a form are shown. */
final readonly class SecondForm
{
    private const LABELS = ['title' => 'Title', 'purpose-line' => 'Line under it', 'button' => 'Button'];

    /**
     * @param  list<SecondRow>  $rows
     * @param  string  $says  in which languages chance decides
     */
    private function __construct(public array $rows, public string $says, public bool $isOpen) {}

    public static function of(SheetDraft $draft, Margin $margin): self
    {
        $first = $draft->document();
        $rows = [];
        foreach (self::LABELS as $part => $label) {
            $place = SecondWords::PLACE."/$part";
            $rows[] = new SecondRow($label, PlaceId::of($place), $margin->at($place), array_map(static fn (Language $l): Line => new Line(
                "$place/{$l->value}", "Other half, $label, {$l->endonym()}", $draft->second->of($part)->orNothing($l),
                Texts::from($first->at($part))->orNothing($l) ?: 'as in the first', needed: false, judged: true
            ), $draft->languages));
        }
        $differing = array_filter($draft->languages, static fn (Language $l): bool => $draft->differsIn($l));

        return new self($rows, $differing === [] ? 'Everybody is shown the same.' : 'Chance decides in '.implode(
            ', ', array_map(static fn (Language $l): string => $l->endonym(), $differing)
        ).'.', ! $draft->second->isEmpty());
    }
}
