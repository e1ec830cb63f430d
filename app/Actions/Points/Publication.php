<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Models\AcceptedFinding;
use App\Models\Point;
use App\Models\User;
use Juramen\Audit\Finding;
use Juramen\Audit\Judgement;
use Juramen\Canon\ById;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Ground;
use Juramen\Canon\Slug;
use Juramen\Points\DeadLink;
use Juramen\Points\MissingText;
use Juramen\Points\PartDifference;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDifference;
use Juramen\Points\ToDo;
use Juramen\Points\Unreachable;
use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\RecordKind;
use Juramen\Register\RecordName;
use Juramen\Wording\Statement;

/**
 * What would be published if it were done now, and all that speaks against it. Pages show it, and the act that publishes makes it
 * again in its transaction: only what is still the same, by looked(), is published.
 */
final readonly class Publication
{
    /**
     * @param  int  $revision  number of the sheet's revision that it is made of
     * @param  PointEdition|null  $before  the edition in force
     * @param  ById<Finding>  $findings
     * @param  ById<AcceptedFinding>  $covered  exceptions that hold for exactly what was found
     * @param  ById<User>  $writers  whoever wrote any of what differs on the sheet
     */
    public function __construct(
        public Point $point,
        public int $revision,
        public ?PointEdition $before,
        public Sheet $sheet,
        public Controller $controller,
        public Registers $registers,
        public Judgement $judgement,
        public ById $findings,
        public ById $covered,
        public ById $writers,
    ) {}

    /** Number of the edition that it would become. */
    public function number(): int
    {
        return ($this->before->number ?? 0) + 1;
    }

    /** Names everything that visitors would see, and after which edition. */
    public function looked(): string
    {
        return Digest::of(
            Document::from(['after' => $this->before?->digest()->hex(), ...PointEdition::impression($this->sheet, $this->controller)->toArray()])->json()
        )->hex();
    }

    public function differs(): bool
    {
        return $this->before === null || ! $this->before->shows($this->sheet, $this->controller);
    }

    /** @return list<PartDifference> from the edition in force; none, where it was never published */
    public function difference(): array
    {
        return $this->before === null ? [] : SheetDifference::between($this->before->sheet, $this->sheet, $this->before->controller, $this->controller);
    }

    /** @return ById<Finding> breaches that no exception covers */
    public function uncovered(): ById
    {
        return $this->findings->without($this->covered)->filter(static fn (Finding $f): bool => $f->stops());
    }

    /**
     * @param  ById<Finding>|null  $excepted  those for which an exception is made with it
     * @return list<Ground>
     */
    public function breaches(?ById $excepted = null): array
    {
        $left = $excepted === null ? $this->uncovered() : $this->uncovered()->without($excepted);

        return array_map(static fn (Finding $f): Ground => new Ground(ActRefusal::Breach, requirement: $f->requirement->id(), says: $f->says()), $left->all());
    }

    /** @return list<Ground> what no exception can allow */
    public function stops(): array
    {
        $missing = array_unique(array_map(static fn (MissingText $m): string => $m->language->endonym(), $this->sheet->missing()));
        $unapproved = $this->unapproved();
        $drafts = array_filter(
            $this->registers->draftsBehind($this->sheet),
            static fn (RecordName $n): bool => $n->kind !== RecordKind::Statement || ! in_array($n->slug->text, $unapproved, true)
        );

        return [
            ...($missing === [] ? [] : [new Ground(ActRefusal::WordsMissing, languages: implode(', ', $missing))]),
            ...($unapproved === [] ? [] : [new Ground(ActRefusal::StatementNotApproved, statements: implode(', ', $unapproved))]),
            ...(
                $drafts === [] ? [] : [
                    new Ground(ActRefusal::FillingNotApproved, records: implode(', ', array_map(static fn (RecordName $n): string => $n->text(), $drafts))),
                ]
            ),
            ...array_map(static fn (Unreachable $u): Ground => new Ground(
                ActRefusal::Unreachable, statement: $u->statement,
                channels: implode(' and ', array_map(static fn (Channel $c): string => $c->value, $u->channels)),
            ), $this->sheet->unreachable()),
            ...array_map(static fn (ToDo $each): Ground => new Ground(ActRefusal::StillToDo, says: $each->says), $this->sheet->toDo()),
            ...array_map(static fn (Slug $id): Ground => new Ground(ActRefusal::RecipientWithoutAddress, recipient: $id), $this->sheet->unaddressed()),
            ...array_map(static fn (DeadLink $d): Ground => new Ground(
                ActRefusal::DeadLink, field: $d->field, language: $d->language->endonym(), address: $d->address
            ), $this->sheet->deadLinks()),
        ];
    }

    /** @return list<string> ids of statements whose words nobody has approved */
    public function unapproved(): array
    {
        return array_values(
            array_map(
                static fn (Statement $s): string => $s->id->text, array_filter($this->sheet->statements, static fn (Statement $s): bool => ! $s->isApproved())
            )
        );
    }

    /** Why this officer may not publish it; null where they may. Pausing a form waits for nobody. */
    public function keepsOut(User $officer): ?Ground
    {
        return $this->registers->house->fourEyes && $this->writers->has((string) $officer->id) ? new Ground(ActRefusal::OwnPublication) : null;
    }
}
