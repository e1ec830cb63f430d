<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use Illuminate\Http\Request;

/** What is asked about a person, and which act is looked at. */
final readonly class PersonRequest
{
    /**
     * @param  string  $entry  id of an entry in hex; the newest consent where it names none
     * @param  string  $on  the moment, as it was typed; now where nothing was
     */
    private function __construct(
        public string $entry, public string $on, private string $purpose, private string $channel, public Zoom $zoom
    ) {}

    public static function from(Request $request): self
    {
        $text = static fn (string $name): string => is_string($given = $request->query($name)) ? $given : '';

        return new self($text('entry'), $text('on'), $text('purpose'), $text('channel'), Zoom::tryFrom($text('zoom')) ?? Zoom::Whole);
    }

    /** Key of the target that is asked about, see Target::key(). */
    public function target(): string
    {
        return "{$this->purpose} by {$this->channel}";
    }
}
