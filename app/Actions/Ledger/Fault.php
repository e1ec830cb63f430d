<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

/** Something on record that is not as it was written. */
final readonly class Fault
{
    /**
     * @param  string|null  $about  whom or what it concerns: "subject 0123…", "point footer-newsletter", "statement voyage-news"
     * @param  string|null  $entry  id of the entry, where one can be named
     * @param  int|null  $leaf  its index in the tree, where sealed
     */
    public function __construct(public string $what, public ?string $about = null, public ?string $entry = null, public ?int $leaf = null) {}

    public function text(): string
    {
        $more = array_filter([$this->about, $this->entry === null ? null : "entry {$this->entry}", $this->leaf === null ? null : "leaf {$this->leaf}"]);

        return $this->what.($more === [] ? '' : ' ('.implode(', ', $more).')').'.';
    }
}
