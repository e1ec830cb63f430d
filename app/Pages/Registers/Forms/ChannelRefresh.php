<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;

/** After how long consent by a channel is asked for again. */
final readonly class ChannelRefresh
{
    public function __construct(public string $channel, public Choice $months) {}
}
