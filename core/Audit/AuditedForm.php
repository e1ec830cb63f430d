<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Register\Language;

/** One form as an audit found it. */
final readonly class AuditedForm
{
    /**
     * @param  string  $id  the point's slug, or the form's
     * @param  string  $name  as people call it
     * @param  string  $controller  who answers for it; empty where nobody has said
     * @param  string  $state  in a few words: "edition 3 in force", "read on 14 May 2026"
     * @param  string  $seen  digest of what was looked at, in hexadecimal
     * @param  list<Standing>  $standings
     * @param  list<AuditedFinding>  $findings
     * @param  list<DrawnPart>  $drawn  from which a picture of it is made; none in audits of before there were any
     */
    public function __construct(
        public AuditedKind $kind, public string $id, public string $name, public string $controller, public string $state, public string $seen,
        public array $standings, public array $findings, public array $drawn = []
    ) {}

    /** @param  list<Result>  $results */
    public static function read(string $id, string $name, string $controller, string $state, string $seen, ?Reading $reading, array $results): self
    {
        return new self(
            AuditedKind::Form, $id, $name, $controller, $state, $seen, Standing::all($results), self::urgentFirst(self::findings($results)),
            $reading === null ? [] : DrawnPart::of($reading, $results)
        );
    }

    /**
     * @param  list<AuditedFinding>  $findings
     * @return list<AuditedFinding>
     */
    private static function urgentFirst(array $findings): array
    {
        usort($findings, static fn (AuditedFinding $a, AuditedFinding $b): int => $a->verdict->urgency() <=> $b->verdict->urgency());

        return $findings;
    }

    /**
     * @param  list<Result>  $results
     * @return list<AuditedFinding>
     */
    private static function findings(array $results): array
    {
        return array_map(
            static fn (Result $r): AuditedFinding => AuditedFinding::of($r),
            array_values(array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding()))
        );
    }

    /**
     * @param  int  $offered  languages of the sheet
     * @param  list<Finding>  $uncovered  what stops it and no exception covers
     * @param  list<Result>  $practice  how what was done there stands
     */
    public static function judged(
        string $id, string $name, string $controller, string $state, string $seen, Judgement $judgement, int $offered, array $uncovered, array $practice
    ): self {
        $stopping = array_map(static fn (Finding $f): string => $f->key(), $uncovered);
        $found = array_map(static fn (Note $n): AuditedFinding => AuditedFinding::of(
            $n->result, count($n->languages) < $offered ? implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $n->languages)) : '',
            $n->result->stops() && ! in_array($n->key(), $stopping, true)
        ), $judgement->notes);

        $besides = [...$practice, ...$judgement->forPeople];

        return new self(
            AuditedKind::Point, $id, $name, $controller, $state, $seen, [...$judgement->standings, ...Standing::all($besides)],
            self::urgentFirst([...$found, ...self::findings($besides)]), $judgement->drawn
        );
    }

    public static function from(Document $document): self
    {
        $standings = [];
        foreach ($document->part('standings')->toArray() as $id => $verdict) {
            $standings[] = new Standing((string) $id, Verdict::from(is_string($verdict) ? $verdict : ''));
        }

        return new self(
            AuditedKind::from($document->text('kind')), $document->text('id'), $document->text('name'), $document->text('controller'),
            $document->text('state'), $document->text('seen'), $standings, array_map(AuditedFinding::from(...), $document->items('findings')),
            array_map(DrawnPart::from(...), $document->items('drawn'))
        );
    }

    /** How a form is told from another, whatever it is called. */
    public function key(): string
    {
        return "{$this->kind->value} $this->id";
    }

    /** How a requirement stands here; null where it was not asked. */
    public function standing(string $requirement): ?Verdict
    {
        foreach ($this->standings as $standing) {
            if ($standing->requirement === $requirement) {
                return $standing->verdict;
            }
        }

        return null;
    }

    /** @return list<AuditedFinding> */
    public function findingsOf(string $requirement): array
    {
        return array_values(array_filter($this->findings, static fn (AuditedFinding $f): bool => $f->requirement === $requirement));
    }

    public function finding(Digest $digest): ?AuditedFinding
    {
        return array_values(array_filter($this->findings, static fn (AuditedFinding $f): bool => $f->digest()->equals($digest)))[0] ?? null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $standings = [];
        foreach ($this->standings as $standing) {
            $standings[$standing->requirement] = $standing->verdict->value;
        }

        return [
            'kind' => $this->kind->value, 'id' => $this->id, 'name' => $this->name, 'controller' => $this->controller, 'state' => $this->state,
            'seen' => $this->seen, 'standings' => $standings, 'findings' => array_map(static fn (AuditedFinding $f): array => $f->toArray(), $this->findings),
            ...$this->drawn === [] ? [] : ['drawn' => array_map(static fn (DrawnPart $p): array => $p->toArray(), $this->drawn)],
        ];
    }
}
