<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Models\Exception as ExceptionRow;
use App\Models\Point;
use App\Models\Revision;
use App\Models\User;
use Juramen\Audit\Finding;
use Juramen\Audit\Judgement;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDifference;
use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\Difference;
use Juramen\Wording\Statement;

/**
 * What would be published if it were done now, and all that speaks against it. Pages show it, and the act that publishes makes it
 * again in its transaction: only what is still the same, by looked(), is published.
 */
final readonly class Publication
{
    /**
     * @param  PointEdition|null  $before  the edition in force
     * @param  array<string, Finding>  $findings  by key
     * @param  array<string, ExceptionRow>  $covered  by key, exceptions that hold for exactly what was found
     * @param  array<int, string>  $writers  id to name of whoever wrote any of what differs on the sheet
     */
    public function __construct(
        public Point $point,
        public Revision $revision,
        public ?PointEdition $before,
        public Sheet $sheet,
        public Controller $controller,
        public Registers $registers,
        public Judgement $judgement,
        public array $findings,
        public array $covered,
        public array $writers,
    ) {}

    /** Number of the edition that it would become. */
    public function number(): int
    {
        return ($this->before->number ?? 0) + 1;
    }

    /** Names everything that visitors would see, and after which edition. */
    public function looked(): string
    {
        return Digest::of(CanonicalJson::encode(['after' => $this->before?->digest()->hex(), ...PointEdition::impression($this->sheet, $this->controller)]))->hex();
    }

    public function differs(): bool
    {
        return $this->before === null || ! $this->before->shows($this->sheet, $this->controller);
    }

    /** @return array<int, list<Difference>> part of the sheet to the sentences that change; from nothing, where it was never published */
    public function difference(): array
    {
        return $this->before === null ? [] : SheetDifference::between($this->before->sheet, $this->sheet, $this->before->controller, $this->controller);
    }

    /** @return array<string, Finding> breaches that no exception covers, by key */
    public function uncovered(): array
    {
        return array_filter(array_diff_key($this->findings, $this->covered), static fn (Finding $f): bool => $f->isBreach());
    }

    /** @return list<string> what no exception can allow, each in a sentence */
    public function stops(): array
    {
        $missing = array_unique(array_map(static fn (Language $l): string => $l->endonym(), $this->sheet->missing()));
        $unapproved = array_map(static fn (Statement $s): string => $s->id, array_filter($this->sheet->statements, static fn (Statement $s): bool => ! $s->isApproved()));
        $drafts = array_diff($this->registers->draftsBehind($this->sheet), array_map(static fn (string $id): string => "statement $id", $unapproved));

        return array_values(array_filter([
            $missing === [] ? null : 'Words are missing in '.implode(', ', $missing).', which this point offers.',
            $unapproved === [] ? null : 'Nobody has approved the words of '.implode(', ', $unapproved).'.',
            $drafts === [] ? null : 'Nobody has approved what fills the words: '.implode(', ', $drafts).'.',
            ...array_map(static fn (string $statement, array $channels): string => "\"$statement\" asks for "
                .implode(' and ', array_map(static fn (Channel $c): string => $c->value, $channels))
                .', but no field of this form takes what is reached by it. Ask for it, or choose a statement for email alone.',
                array_keys($this->sheet->unreachable()), array_values($this->sheet->unreachable())),
        ]));
    }

    /** Why this officer may not publish it; null where they may. Pausing a form waits for nobody. */
    public function keepsOut(User $officer): ?string
    {
        return $this->registers->house->fourEyes && isset($this->writers[$officer->id])
            ? 'You wrote part of what would change, and the house demands four eyes: another officer publishes it. Until then you can pause the form.' : null;
    }
}
