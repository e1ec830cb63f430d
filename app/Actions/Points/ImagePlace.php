<?php

declare(strict_types=1);

namespace App\Actions\Points;

use Juramen\Canon\Place;

/** Where an image of ours can stand, and how large it is kept for it. */
enum ImagePlace: string
{
    /** Above one point's form. */
    case Above = 'image';
    /** The sign of a house, on all its forms. */
    case Sign = 'sign';

    public function place(): Place
    {
        return Place::of('look', $this->value);
    }

    /** In pixels. */
    public function widest(): int
    {
        return $this === self::Above ? 1280 : 560;
    }

    /** In pixels. */
    public function tallest(): int
    {
        return $this === self::Above ? 1280 : 160;
    }

    /** As a history says it. */
    public function says(): string
    {
        return $this === self::Above ? 'put an image above the form' : 'put a sign on the house look';
    }
}
