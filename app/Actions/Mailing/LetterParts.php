<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Support\GivenGift;
use Juramen\Points\FrozenMail;

/** What is put into a mail between its words: what the law or the link needs, and how the person is greeted. */
final readonly class LetterParts
{
    /**
     * @param  list<string>  $statements  as they stood on the form
     * @param  string|null  $link  behind its button, or by which it stops where it has none
     * @param  string|null  $stop  by which everything stops
     * @param  string|null  $notTheirs  by which somebody says that it was not them
     * @param  GivenGift|null  $gift  that is given with it
     * @param  FrozenMail|null  $stopping  words of the link that stops, where the mail has none of its own
     */
    public function __construct(
        public array $statements = [], public ?string $link = null, public ?string $stop = null, public string $greeting = '',
        public ?string $notTheirs = null, public ?FrozenMail $stopping = null, public ?GivenGift $gift = null,
    ) {}

    public function greeting(string $greeting): self
    {
        return new self($this->statements, $this->link, $this->stop, $greeting, $this->notTheirs, $this->stopping, $this->gift);
    }
}
