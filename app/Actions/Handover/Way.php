<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use Juramen\Points\Registers;

/** From one of our lists to a destination. */
final readonly class Way
{
    /** @param  bool  $leads  whether people are handed over by it now */
    public function __construct(public string $list, public string $destination, public bool $leads) {}

    /** @return list<self> those that lead somewhere: approved, and switched on */
    public static function inUse(Registers $registers): array
    {
        $ways = [];
        foreach ($registers->destinations->all() as $destination) {
            foreach ($destination->on && ! $registers->isDraft($destination->recordName()) ? $destination->lists->all() : [] as $there) {
                $list = $registers->lists->get($there->list);
                if ($list !== null && ! $registers->isDraft($list->recordName())) {
                    $ways[] = new self($there->list->text, $destination->id->text, true);
                }
            }
        }

        return $ways;
    }

    public function name(): string
    {
        return "$this->destination $this->list";
    }
}
