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
     * @param  bool  $wrong  whether as somebody sees it who sent it empty
     * @param  bool  $dark  whether as it is where a visitor's system is dark
     * @param  bool  $second  whether in the second version of its words
     */
    public function __construct(
        public ?Language $language, public bool $desktop = false, public int $page = 1, public bool $wrong = false, public bool $dark = false,
        public bool $second = false
    ) {}

    public static function from(Request $request): self
    {
        return new self(
            Language::tryFrom($request->string('shown')->toString()), $request->string('width')->toString() === 'desktop',
            max(1, $request->integer('page', 1)), $request->boolean('wrong'), $request->boolean('dark'),
            $request->boolean('second')
        );
    }

    public function in(?Language $language): self
    {
        return new self($language, $this->desktop, $this->page, $this->wrong, $this->dark, $this->second);
    }

    public function wide(bool $desktop): self
    {
        return new self($this->language, $desktop, $this->page, $this->wrong, $this->dark, $this->second);
    }

    public function at(int $page): self
    {
        return new self($this->language, $this->desktop, $page, $this->wrong, $this->dark, $this->second);
    }

    public function wrong(bool $wrong): self
    {
        return new self($this->language, $this->desktop, $this->page, $wrong, $this->dark, $this->second);
    }

    public function dark(bool $dark): self
    {
        return new self($this->language, $this->desktop, $this->page, $this->wrong, $dark, $this->second);
    }

    public function second(bool $second): self
    {
        return new self($this->language, $this->desktop, $this->page, $this->wrong, $this->dark, $second);
    }

    public function width(): string
    {
        return $this->desktop ? 'desktop' : 'phone';
    }

    /** @return array<string, string> as an address says it */
    public function query(): array
    {
        return ['shown' => $this->language->value ?? '', 'width' => $this->width(), ...$this->ofForm()];
    }

    /** @return array<string, string> what the frame's address says besides language and draft */
    public function ofForm(): array
    {
        return [
            ...($this->page === 1 ? [] : ['page' => (string) $this->page]), ...($this->wrong ? ['wrong' => '1'] : []), ...($this->dark ? ['dark' => '1'] : []),
            ...($this->second ? ['second' => '1'] : []),
        ];
    }
}
