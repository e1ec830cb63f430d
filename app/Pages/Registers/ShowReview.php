<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\Record;
use App\Models\User;
use App\Queries\Points\AffectedPoints;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\Writers;
use App\Support\Moments;
use Juramen\Audit\Note;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Points\PlaceDifference;
use Juramen\Points\RecordDifference;
use Juramen\Points\Records;
use Juramen\Register\Language;

/** Brings together what whoever approves looks at. */
final class ShowReview
{
    public function __construct(
        private readonly ShowRecord $show,
        private readonly RegistersInForce $inForce,
        private readonly AffectedPoints $affected,
        private readonly Writers $writers,
    ) {}

    public function of(Record $record, User $user): ReviewPage
    {
        $page = $this->show->of($record, $record->revisions()->orderByDesc('number')->firstOrFail(), $user);
        $registers = $this->inForce->registers();
        // As it will stand once approved; which edition it becomes makes no difference to what is shown.
        $would = Records::read($record->kind, $page->document, Digest::of('to be approved'));
        $difference = RecordDifference::between($page->edition?->document() ?? Document::from([]), $page->document);
        $writers = $registers->house->fourEyes ? $this->writers->since($record, $page->edition) : null;
        $proposal = $page->proposal;

        return new ReviewPage(
            $page, ($page->edition->number ?? 0) + 1, $difference, $this->affected->by($registers->with($would)), $writers?->has((string) $user->id) === true,
            implode(' or ', $this->writers->otherOfficers($user)) ?: 'Somebody else',
            $writers === null ? null : implode(', ', array_map(static fn (User $u): string => $u->name, $writers->all())),
            array_map(static fn (Note $n): string => $n->result->says, $page->judged->judgement?->breaches() ?? []), self::behind($page, $difference),
            $proposal === null ? null : Moments::exact($proposal->submitted_at)." by {$proposal->submitter->name}"
                .($proposal->comment === '' ? '' : ": {$proposal->comment}"),
            $proposal !== null && $proposal->revision !== $page->revision->number,
        );
    }

    /**
     * Languages of the words that were not changed while others were.
     *
     * @param  list<PlaceDifference>  $difference
     */
    private static function behind(RecordPage $page, array $difference): string
    {
        if ($page->edition === null) {
            return '';
        }
        $changed = array_map(static fn (PlaceDifference $d): string => $d->place->text(), $difference);
        $written = array_values(array_filter(array_map(Language::tryFrom(...), $page->document->within(Place::of('texts')))));
        $behind = array_filter($written, static fn (Language $l): bool => ! in_array("texts/{$l->value}", $changed, true));

        return count($behind) === count($written) ? '' : implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $behind));
    }
}
