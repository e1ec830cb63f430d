<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Document;

/** Something of a form that its picture shows: a field, a box with how it stands before anybody touched it, a button, or words that were found. */
final readonly class DrawnPart
{
    /**
     * @param  string  $words  its label, as a visitor reads it; may be empty
     * @param  string  $where  a place of the sheet or a selector, as findings name it
     * @param  Response|null  $response  of a box; null for anything else
     */
    private function __construct(
        public string $words, public string $where, public bool $required, public ?Response $response, public bool $isButton = false,
        public bool $isWords = false
    ) {}

    /**
     * @param  list<Result>  $results  of what was judged of it
     * @return list<self> in the order of the form
     */
    public static function of(Reading $reading, array $results = []): array
    {
        return array_map(static fn (AskedField|Control|OtherInput|PageButton|FoundWords $part): self => new self(
            $part->label, $part->where->text(), ! $part instanceof PageButton && ! $part instanceof FoundWords && $part->required,
            $part instanceof Control || $part instanceof OtherInput ? $part->response : null, $part instanceof PageButton, $part instanceof FoundWords
        ), $reading->partsWith($results));
    }

    public static function from(Document $document): self
    {
        return new self(
            $document->text('words'), $document->text('where'), $document->flag('required') === true, Response::tryFrom($document->text('response')),
            $document->flag('button') === true, $document->flag('found') === true
        );
    }

    /** @return array<string, string|bool> */
    public function toArray(): array
    {
        return ['words' => $this->words, 'where' => $this->where, 'required' => $this->required, 'response' => (string) $this->response?->value]
            + ($this->isButton ? ['button' => true] : []) + ($this->isWords ? ['found' => true] : []);
    }
}
