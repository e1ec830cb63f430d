<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Slug;
use Juramen\Register\Channel;

/** A statement that asks by channels for which no field of the form takes an address. */
final readonly class Unreachable
{
    /** @param  non-empty-list<Channel>  $channels */
    public function __construct(public Slug $statement, public array $channels) {}
}
