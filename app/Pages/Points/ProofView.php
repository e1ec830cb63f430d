<?php

declare(strict_types=1);

namespace App\Pages\Points;

use Illuminate\Http\Request;
use Juramen\Register\Language;

/** How the proof of a form is looked at. */
final readonly class ProofView
{
    /**
     * @param  Language|null  $language  null where none was chosen
     * @param  bool  $desktop  whether as wide as on a desktop, and not as on a phone
     * @param  int  $page  of the form, from 1
     */
    public function __construct(public ?Language $language, public bool $desktop, public int $page) {}

    public static function from(Request $request): self
    {
        return new self(
            Language::tryFrom($request->string('shown')->toString()), $request->string('width')->toString() === 'desktop', max(1, $request->integer('page', 1))
        );
    }

    public function in(Language $language): self
    {
        return new self($language, $this->desktop, $this->page);
    }

    public function wide(bool $desktop): self
    {
        return new self($this->language, $desktop, $this->page);
    }

    public function at(int $page): self
    {
        return new self($this->language, $this->desktop, $page);
    }

    public function width(): string
    {
        return $this->desktop ? 'desktop' : 'phone';
    }

    /** @return array<string, string> as an address says it */
    public function query(): array
    {
        return ['shown' => $this->language->value ?? '', 'width' => $this->width(), ...($this->page === 1 ? [] : ['page' => (string) $this->page])];
    }
}
