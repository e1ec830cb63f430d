<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Juramen\Points\FrozenMail;
use Juramen\Register\Controller;
use Juramen\Wording\PlainName;

/** A mail with sample links, ready to be shown or sent to whoever writes it. */
final readonly class SampledMail
{
    public function __construct(
        public LetterPaper $paper, public string $view, public FrozenMail $words, public Controller $controller, private LetterParts $parts
    ) {}

    public function html(string $typed, bool $dark): string
    {
        return $this->paper->html($this->view, $this->with($typed), $dark);
    }

    public function text(string $typed): string
    {
        return $this->paper->text($this->view, $this->with($typed));
    }

    /** @param  string  $typed  as a name */
    public function with(string $typed): LetterParts
    {
        return $this->parts->greeting(JourneyMail::greeting($this->words, $typed === '' ? null : PlainName::of($typed)));
    }
}
