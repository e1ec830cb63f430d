<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Points\Sheet;

/**
 * What a requirement found at one place of a sheet, in whatever languages, named so that an exception can be tied to exactly
 * that: the place goes by ids, not by positions, and the digest is of what stands there and what was said of it.
 */
final readonly class Finding
{
    /**
     * @param  string  $place  such as "statements/voyage-news/texts"
     * @param  non-empty-list<Note>  $notes
     */
    private function __construct(public Requirement $requirement, public string $place, public Digest $digest, public array $notes) {}

    /** How an exception names it: the requirement's id and the place. */
    public function key(): string
    {
        return $this->requirement->id().' '.$this->place;
    }

    public function isBreach(): bool
    {
        return array_filter($this->notes, static fn (Note $n): bool => $n->result->verdict === Verdict::Breach) !== [];
    }

    /**
     * @param  list<Note>  $notes  of the sheet
     * @return array<string, self> by key
     */
    public static function of(Sheet $sheet, array $notes): array
    {
        $grouped = [];
        foreach ($notes as $note) {
            $grouped[$note->key()][] = $note;
        }
        $findings = [];
        foreach ($grouped as $group) {
            $where = Note::placeKey($group[0]->result->where ?? '');
            $said = array_map(static fn (Note $n): array => [$n->result->verdict->value, $n->result->says, (string) $n->result->words], $group);
            sort($said);
            $place = self::byId($sheet, $where);
            $digest = Digest::of(CanonicalJson::encode([$group[0]->result->requirement->id(), $place, Document::at($sheet->document, $where), $said]));
            $finding = new self($group[0]->result->requirement, $place, $digest, $group);
            $findings[$finding->key()] = $finding;
        }

        return $findings;
    }

    /** "statements/0/texts" as "statements/voyage-news/texts", "fields/2" as "fields/phone". */
    private static function byId(Sheet $sheet, string $where): string
    {
        return (string) preg_replace_callback('~^(statements|fields)/(\d+)~', static fn (array $m): string => $m[1].'/'.match ($m[1]) {
            'statements' => $sheet->statements[(int) $m[2]]->id ?? $m[2],
            default => isset($sheet->fields[(int) $m[2]]) ? $sheet->fields[(int) $m[2]]->name() : $m[2],
        }, $where);
    }
}
