<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\ById;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Place;

/**
 * What a requirement found at one place of a sheet, in whatever languages, named so that an exception can be tied to exactly
 * that: the digest is of what stands there and what was said of it.
 */
final readonly class Finding
{
    /** @param  non-empty-list<Note>  $notes */
    private function __construct(public Requirement $requirement, public ?Place $place, public Digest $digest, public array $notes) {}

    /** How an exception names it: the requirement's id and the place. */
    public function key(): string
    {
        return $this->notes[0]->key();
    }

    /** Whether it stops a publication: as a breach, or by a house rule. */
    public function stops(): bool
    {
        return array_filter($this->notes, static fn (Note $n): bool => $n->result->stops()) !== [];
    }

    /** The first that is said of it. */
    public function says(): string
    {
        return $this->notes[0]->result->says;
    }

    /**
     * @param  Document  $document  that was judged
     * @param  list<Note>  $notes
     * @return ById<self> by key
     */
    public static function all(Document $document, array $notes): ById
    {
        $grouped = [];
        foreach ($notes as $note) {
            $grouped[$note->key()][] = $note;
        }
        $findings = [];
        foreach ($grouped as $group) {
            $place = $group[0]->about();
            $said = array_map(static fn (Note $n): array => [$n->result->verdict->value, $n->result->says, (string) $n->result->words?->words], $group);
            sort($said);
            $stands = $place === null ? null : $document->at($place);
            $digest = Digest::of(CanonicalJson::encode([$group[0]->result->requirement->id(), (string) $place?->text(), $stands, $said]));
            $findings[] = new self($group[0]->result->requirement, $place, $digest, $group);
        }

        return ById::of($findings, static fn (self $f): string => $f->key());
    }
}
