<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Labelling;
use Juramen\Register\Channel;

/** A field of several inputs under one heading, which reaches nobody. */
trait Group
{
    public function reaches(Channel $channel): bool
    {
        return false;
    }

    public function offersOptions(): bool
    {
        return false;
    }

    public function labelling(): Labelling
    {
        return Labelling::Group;
    }
}
