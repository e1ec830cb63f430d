<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Models\ReadHow;

/** A page as it was brought here. */
final readonly class GivenPage
{
    /**
     * @param  string  $name  of a file, or of the house's choosing; empty where nobody said
     * @param  string  $address  where it stands; empty where nobody said
     */
    public function __construct(public string $name, public string $bytes, public string $address, public ReadHow $how) {}

    /** What it is called in what is said of it. */
    public function called(): string
    {
        return match (true) {
            $this->name !== '' => $this->name,
            // The address beside pasted words was not read.
            $this->how === ReadHow::Pasted, $this->address === '' => 'what was pasted',
            default => $this->address,
        };
    }
}
