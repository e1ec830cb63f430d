<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;

/** A finding as an audit keeps it, so that it can be read for ever. */
final readonly class AuditedFinding
{
    /**
     * @param  string  $requirement  its id
     * @param  string  $where  a place of the sheet or a selector; empty where it is the whole form
     * @param  string  $words  that led to it; may be empty
     * @param  string  $languages  endonyms, where it is not in all; may be empty
     * @param  bool  $excepted  whether it was accepted with the publication of its point
     * @param  int  $times  how often it happened, of what is counted; 1 of all else
     */
    public function __construct(
        public string $requirement, public Verdict $verdict, public string $says, public string $where, public string $words, public string $mend,
        public string $languages = '', public bool $excepted = false, public int $times = 1
    ) {}

    public static function of(Result $result, string $languages = '', bool $excepted = false): self
    {
        return new self(
            $result->requirement->id(), $result->verdict, $result->says, (string) $result->where?->text(), (string) $result->words?->words,
            (string) $result->mend, $languages, $excepted, $result->times
        );
    }

    public static function from(Document $document): self
    {
        return new self(
            $document->text('requirement'), Verdict::from($document->text('verdict')), $document->text('says'), $document->text('where'),
            $document->text('words'), $document->text('mend'), $document->text('languages'), $document->flag('excepted') === true,
            $document->number('times') ?? 1
        );
    }

    /** By which an answer is tied to it: the same requirement, at the same place, for the same words. */
    public function digest(): Digest
    {
        return Digest::of(CanonicalJson::encode([$this->requirement, $this->where, $this->words, $this->verdict->value]));
    }

    /** @return array<string, string|bool|int> */
    public function toArray(): array
    {
        return [
            'requirement' => $this->requirement, 'verdict' => $this->verdict->value, 'says' => $this->says, 'where' => $this->where, 'words' => $this->words,
            'mend' => $this->mend, 'languages' => $this->languages, 'excepted' => $this->excepted,
            ...$this->times === 1 ? [] : ['times' => $this->times],
        ];
    }
}
