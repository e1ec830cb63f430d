<?php

declare(strict_types=1);

namespace App\Pages\Controls;

use Juramen\Register\Look;
use Juramen\Register\LookFont;
use Juramen\Register\LookPair;
use Juramen\Register\LookSpacing;

/** What is chosen of a form's look, by the house or by a point, with the contrast of everything that meets. */
final readonly class LookForm
{
    /**
     * @param  list<Swatch>  $colours
     * @param  list<ContrastRow>  $contrasts
     * @param  Choice|null  $dark  null where its ground is another page's, which we do not know
     * @param  list<Line>  $shows  what the image shows, by language; none where there is none
     * @param  Press|null  $back  to the house look; null where nothing departs from it
     */
    private function __construct(
        public array $colours, public Choice $font, public Choice $spacing, public Choice $edges, public Choice $labels, public Choice $layout,
        public ?Choice $dark, public Choice $ground, public Line $corner, public Line $edgeWidth, public array $contrasts, public ?Press $back,
        public array $shows, public ?Press $takeOff, public ?Press $takeSignOff, public ?Choice $mails
    ) {}

    /**
     * @param  string  $accent  the place of the colour of buttons
     * @param  bool  $departs  whether anything departs from the house
     * @param  list<Line>  $shows  what the image shows, by language; none where there is none
     * @param  bool  $hasSign  whether the house has a sign that can be taken off here
     */
    public static function of(Look $look, string $accent, bool $departs, array $shows = [], bool $hasSign = false): self
    {
        $colours = [
            [$accent, 'Buttons and links', $look->accent()], ['look/button-text', 'Words on buttons', $look->buttonText()],
            ['look/hover', 'Buttons under the pointer', $look->hover()], ['look/pressed', 'Buttons that are pressed', $look->pressed()],
            ['look/ink', 'Text', $look->ink()], ['look/page', 'Ground of the form', $look->page()], ['look/paper', 'Ground around it', $look->paper()],
            ['look/edge', 'Edges of fields', $look->edge()],
        ];
        $says = static fn (array $cases): array => array_combine(
            array_map(static fn (LookFont|LookSpacing $c): string => $c->value, $cases),
            array_map(static fn (LookFont|LookSpacing $c): string => $c->says(), $cases)
        );

        return new self(
            array_map(static fn (array $c): Swatch => new Swatch($c[0], $c[1], $c[2]->hex()), $colours),
            new Choice('look/font', 'Letters', Option::all($says(LookFont::cases()), [$look->font()->value])),
            new Choice('look/spacing', 'Room between fields', Option::all($says(LookSpacing::cases()), [$look->spacing()->value])),
            self::either('look/edges', 'Edges of fields', $look->isUnderlined(), ['all' => 'all around', 'bottom' => 'below alone']),
            self::either('look/labels', 'Place of labels', $look->isBeside(), ['above' => 'above', 'beside' => 'beside, where there is room']),
            self::either('look/layout', 'Layout', $look->isLine(), ['page' => 'under one another', 'line' => 'in one line, for the foot of a page']),
            $look->isClear() ? null : self::either(
                'look/dark', 'In the dark', ! $look->followsDark(), ['follows' => 'dark where a visitor\'s system is', 'never' => 'always light']
            ),
            self::either('look/ground', 'Ground', $look->isClear(), ['own' => 'a ground of its own', 'host' => 'the ground of the page around it']),
            new Line('look/corner', 'Roundness of corners in pixels', (string) $look->corner(), type: 'number'),
            new Line('look/edge-width', 'Width of edges in pixels', (string) $look->edgeWidth(), type: 'number'),
            array_map(static fn (LookPair $p): ContrastRow => self::contrast($p, $accent), $look->pairs()),
            $departs ? new Press('at-look-back', 'look', 'Back to the house look', 'Back to the house look', 'remove') : null,
            $shows, $shows === [] ? null : new Press('at-look-image-off', 'look/image', 'Take the image off', 'Take the image off', 'remove'),
            $hasSign ? new Press('at-look-sign-off', 'look/sign', 'Take the sign off', 'Take the sign off', 'remove') : null,
            $hasSign ? self::either(
                'look/mails', 'The sign in mails', $look->signsMails(), ['plain' => 'bear no image', 'sign' => 'bear it above their words']
            ) : null,
        );
    }

    /** @param  array<string, string>  $texts  the usual first */
    private static function either(string $place, string $label, bool $isSecond, array $texts): Choice
    {
        return new Choice($place, $label, Option::all($texts, [array_keys($texts)[$isSecond ? 1 : 0]]));
    }

    private static function contrast(LookPair $pair, string $accent): ContrastRow
    {
        $place = $pair->chosenAs === 'accent' ? $accent : 'look/'.$pair->chosenAs;
        $nearest = $pair->nearest()->hex();

        return new ContrastRow(
            $pair->what, $pair->front->hex(), $pair->ground->hex(), number_format(floor($pair->has() * 100) / 100, 2), number_format($pair->needed, 1),
            $pair->isEnough(), $pair->isOpen,
            $pair->isEnough() || $pair->chosenAs === null ? null
                : new Press(PlaceId::of($place).'-nearest-'.substr($nearest, 1), $place, "Take $nearest", "Take $nearest for {$pair->what}", value: $nearest)
        );
    }
}
