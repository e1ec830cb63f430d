<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;

/** A purpose for which people are asked, by which channels, and who gets their details for its own use. */
final readonly class AskedPurpose
{
    /**
     * @param  list<Channel>  $channels
     * @param  list<Processor>  $recipients
     */
    public function __construct(public Purpose $purpose, public array $channels, public array $recipients) {}
}
