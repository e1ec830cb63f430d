<?php

declare(strict_types=1);

namespace App\Pages\Lists;

/** One of our lists. */
final readonly class ListRow
{
    public const COLUMNS = ['list', 'name', 'public name', 'purpose', 'channel', 'people', 'goes to'];

    /**
     * @param  string  $rule  who comes onto it, in a sentence's part
     * @param  string|null  $peopleLink  null for whoever may not see people
     * @param  list<string>  $faults
     */
    public function __construct(
        public string $id, public string $name, public string $link, public string $publicName, public string $purpose, public string $channel,
        public string $rule, public string $people, public ?string $peopleLink, public string $goes, public array $faults, public string $state
    ) {}

    /** @return list<string> */
    public function line(): array
    {
        return [$this->id, $this->name, $this->publicName, $this->purpose, $this->channel, $this->people, $this->goes];
    }
}
