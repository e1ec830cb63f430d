<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Number;
use Juramen\Register\Schema\OneOf;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;

/** What of a form's look somebody has chosen: a controller for its house, or a point that departs from it. Null is not chosen. */
final readonly class LookDraft
{
    private function __construct(
        public ?Colour $accent, public ?Colour $ink, public ?Colour $page, public ?Colour $paper, public ?Colour $edge, public ?Colour $buttonText,
        public ?Colour $hover, public ?Colour $pressed, public ?LookFont $font, public ?LookSpacing $spacing, public ?int $corner, public ?int $edgeWidth,
        public ?string $edges, public ?string $labels, public ?string $layout, public ?string $dark, public ?string $ground, public ?Picture $picture,
        public ?Picture $sign, public bool $signsMails = false
    ) {}

    /** @param  Document  $look  of a controller or a sheet */
    public static function from(Document $look): self
    {
        $colour = static fn (string $name): ?Colour => Colour::find($look->text($name));
        $one = static fn (string $name, string ...$of): ?string => in_array($look->text($name), $of, true) ? $look->text($name) : null;

        return new self(
            $colour('accent'), $colour('ink'), $colour('page'), $colour('paper'), $colour('edge'), $colour('button-text'), $colour('hover'),
            $colour('pressed'), LookFont::tryFrom($look->text('font')), LookSpacing::tryFrom($look->text('spacing')), $look->number('corner'),
            $look->number('edge-width'), $one('edges', 'all', 'bottom'), $one('labels', 'above', 'beside'), $one('layout', 'page', 'line'),
            $one('dark', 'follows', 'never'), $one('ground', 'own', 'host'), Picture::find($look->text('image')),
            Picture::find($look->text('sign')), $look->text('mails') === 'sign',
        );
    }

    public static function withAccent(Colour $accent): self
    {
        return self::from(Document::from(['accent' => $accent->hex()]));
    }

    /** What is chosen here, and where nothing is, what the other has. */
    public function over(self $house): self
    {
        return new self(
            $this->accent ?? $house->accent, $this->ink ?? $house->ink, $this->page ?? $house->page, $this->paper ?? $house->paper,
            $this->edge ?? $house->edge, $this->buttonText ?? $house->buttonText, $this->hover ?? $house->hover, $this->pressed ?? $house->pressed,
            $this->font ?? $house->font, $this->spacing ?? $house->spacing, $this->corner ?? $house->corner, $this->edgeWidth ?? $house->edgeWidth,
            $this->edges ?? $house->edges, $this->labels ?? $house->labels, $this->layout ?? $house->layout, $this->dark ?? $house->dark,
            $this->ground ?? $house->ground, $this->picture,
            $this->sign ?? $house->sign, $this->signsMails || $house->signsMails,
        );
    }

    /** @return list<Member> what a house may have besides: its sign, which stands on its forms and mails */
    public static function ofHouse(): array
    {
        return [
            ...self::members(), new Member('look/sign', 'the sign', new Text(80, TextForm::Picture), redraws: true, mayGo: true),
            new Member('look/mails', 'whether mails bear the sign', new OneOf(['plain', 'sign']), redraws: true, mayGo: true),
        ];
    }

    /** @return list<Member> what a point may have besides: an image above its form, and what it shows */
    public static function ofPoint(): array
    {
        return [
            ...self::members(),
            new Member('look/image', 'the image', new Text(80, TextForm::Picture), redraws: true, mayGo: true),
            new Member('look/alt', 'what the image shows', new Item, mayGo: true),
            new Member('look/alt/{language}', 'what the image shows', new Text(200)),
        ];
    }

    /** @return list<Member> what may be written of one */
    public static function members(): array
    {
        $colours = [
            'accent' => 'the colour of buttons and links', 'ink' => 'the colour of text', 'page' => 'the ground of the form',
            'paper' => 'the ground around it', 'edge' => 'the colour of edges', 'button-text' => 'the colour on buttons',
            'hover' => 'the colour of buttons under the pointer', 'pressed' => 'the colour of buttons that are pressed',
        ];

        return [
            new Member('look', 'the look', new Item, redraws: true, mayGo: true),
            ...array_map(
                static fn (string $name, string $what): Member => new Member("look/$name", $what, new Text(7, TextForm::Colour), redraws: true, mayGo: true),
                array_keys($colours), $colours
            ),
            new Member('look/font', 'the letters', new OneOf(array_column(LookFont::cases(), 'value')), redraws: true, mayGo: true),
            new Member('look/spacing', 'the room', new OneOf(array_column(LookSpacing::cases(), 'value')), redraws: true, mayGo: true),
            new Member('look/corner', 'the corners', new Number(0, 24), redraws: true, mayGo: true),
            new Member('look/edge-width', 'the width of edges', new Number(1, 4), redraws: true, mayGo: true),
            new Member('look/edges', 'the edges of fields', new OneOf(['all', 'bottom']), redraws: true, mayGo: true),
            new Member('look/labels', 'the place of labels', new OneOf(['above', 'beside']), redraws: true, mayGo: true),
            new Member('look/layout', 'the layout', new OneOf(['page', 'line']), redraws: true, mayGo: true),
            new Member('look/ground', 'the ground of the form', new OneOf(['own', 'host']), redraws: true, mayGo: true),
            new Member('look/dark', 'whether it follows the dark', new OneOf(['follows', 'never']), redraws: true, mayGo: true),
        ];
    }
}
