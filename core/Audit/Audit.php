<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;

/** What an audit found: of every form in its scope, how each requirement stands and why. Its bytes are kept and read for ever. */
final readonly class Audit
{
    /** How it is written; raised where a reader of the old could misread the new. */
    public const FORMAT = 1;

    /**
     * @param  string  $scope  in words: "all forms", "forms of Tidewick Ferries"
     * @param  string  $by  who took it; empty where the clock did
     * @param  list<AuditedForm>  $forms
     */
    public function __construct(public Instant $taken, public string $scope, public string $by, public Digest $catalogue, public array $forms) {}

    public static function from(Document $document): self
    {
        return new self(
            Instant::parse($document->text('taken')), $document->text('scope'), $document->text('by'), Digest::fromHex($document->text('catalogue')),
            array_map(AuditedForm::from(...), $document->items('forms'))
        );
    }

    /** Canonical JSON; by its digest the audit is named. */
    public function bytes(): string
    {
        return CanonicalJson::encode([
            'format' => self::FORMAT, 'taken' => $this->taken->text(), 'scope' => $this->scope, 'by' => $this->by, 'catalogue' => $this->catalogue->hex(),
            'forms' => array_map(static fn (AuditedForm $f): array => $f->toArray(), $this->forms),
        ]);
    }

    public function form(AuditedKind $kind, string $id): ?AuditedForm
    {
        return array_values(array_filter($this->forms, static fn (AuditedForm $f): bool => $f->kind === $kind && $f->id === $id))[0] ?? null;
    }

    public function count(Verdict $verdict): int
    {
        return array_sum(array_map(static fn (AuditedForm $form): int => count(
            array_filter($form->findings, static fn (AuditedFinding $f): bool => $f->verdict === $verdict)
        ), $this->forms));
    }

    /** What the catalogue of requirements said when it was taken: ids, titles and sources. */
    public static function catalogue(): Digest
    {
        return Digest::of(CanonicalJson::encode(array_map(
            static fn (Requirement $r): array => [$r->id(), $r->title(), $r->source()->text], Requirements::all()
        )));
    }
}
