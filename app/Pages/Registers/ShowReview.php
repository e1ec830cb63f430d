<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\Record;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Points\AffectedPoint;
use App\Queries\Points\AffectedPoints;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\Writers;
use App\Support\Moments;
use App\Support\SystemClock;
use Juramen\Audit\Note;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Points\PlaceDifference;
use Juramen\Points\RecordDifference;
use Juramen\Points\Records;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Wording\Statement;
use Juramen\Wording\StillSays;

/** Brings together what whoever approves looks at. */
final class ShowReview
{
    public function __construct(
        private readonly ShowRecord $show,
        private readonly RegistersInForce $inForce,
        private readonly AffectedPoints $affected,
        private readonly Writers $writers,
        private readonly SystemClock $clock,
    ) {}

    public function of(Record $record, User $user): ReviewPage
    {
        $page = $this->show->of($record, $record->revisions()->orderByDesc('number')->firstOrFail(), $user);
        $registers = $this->inForce->registers();
        // As it will stand once approved; which edition it becomes makes no difference to what is shown.
        $would = Records::read($record->kind, $page->document, Digest::of('to be approved'));
        $difference = RecordDifference::between($page->edition?->document() ?? Document::from([]), $page->document);
        if ($record->kind === RecordKind::Mail) {
            // Which mail it is and whose stands above; here is what it says.
            $difference = array_values(array_filter($difference, static fn (PlaceDifference $d): bool => $d->place->first() === 'parts'));
        }
        $writers = $registers->house->fourEyes ? $this->writers->since($record, $page->edition) : null;
        $affected = $this->affected->by($registers->with($would));
        $proposal = $page->proposal;

        return new ReviewPage(
            $page, ($page->edition->number ?? 0) + 1, $difference, $affected, $writers?->has((string) $user->id) === true,
            implode(' or ', $this->writers->otherOfficers($user)) ?: 'Somebody else',
            $writers === null ? null : implode(', ', array_map(static fn (User $u): string => $u->name, $writers->all())),
            array_map(static fn (Note $n): string => $n->result->says, $page->judged->judgement?->breaches() ?? []), self::behind($page, $difference),
            $page->judged->entry instanceof Statement ? $this->elsewhere($page, $page->judged->entry, $affected) : [],
            $page->edition !== null && $page->judged->entry instanceof Statement ? $page->editions[0]->people : null, $page->editions[0]->peopleLink ?? null,
            $proposal === null ? null : Moments::exact($proposal->submitted_at)." by {$proposal->submitter->name}"
                .($proposal->comment === '' ? '' : ": {$proposal->comment}"),
            $proposal !== null && $proposal->revision !== $page->revision->number,
            // Only the house rules may hold from a later day on; what the submitter chose is kept, unless that day has gone by.
            $record->kind === RecordKind::Rules ? max($proposal->effective ?? '', $this->clock->today()->text) : null, $this->clock->today()->text,
        );
    }

    /**
     * Languages of the words that were not changed while others were.
     *
     * @param  list<PlaceDifference>  $difference
     * @return list<Option>
     */
    private static function behind(RecordPage $page, array $difference): array
    {
        if ($page->edition === null) {
            return [];
        }
        $changed = array_map(static fn (PlaceDifference $d): string => $d->place->text(), $difference);
        $written = array_values(array_filter(array_map(Language::tryFrom(...), $page->document->within(Place::of('texts')))));
        $behind = array_filter($written, static fn (Language $l): bool => ! in_array("texts/{$l->value}", $changed, true));

        return count($behind) === count($written) ? [] : array_values(
            array_map(static fn (Language $l): Option => new Option($l->value, $l->endonym(), in_array($l->value, (array) old('fit', []), true)), $behind)
        );
    }

    /**
     * What people read besides and would not speak of what the words have come to ask for: the purpose in their words, which also fills the
     * paragraph for the notice, and the lines under the titles of forms.
     *
     * @param  list<AffectedPoint>  $affected
     * @return list<SaidElsewhere>
     */
    private function elsewhere(RecordPage $page, Statement $new, array $affected): array
    {
        if ($page->edition === null) {
            return [];
        }
        $registers = $this->inForce->registers();
        $purpose = $registers->purpose($new->purpose);
        $old = Statement::from($page->edition->document());
        $all = [];
        foreach ($new->texts->languages() as $language) {
            [$before, $after] = [$old->texts->orNothing($language), $new->texts->in($language)];
            $contents = $purpose->contents->orNothing($language);
            if ($before !== '' && StillSays::lags($language, $before.' '.$contents, $after, $contents)) {
                $all[] = new SaidElsewhere(
                    'The purpose '.$new->purpose->spoken().', and with it the paragraph for the notice,',
                    route('records.show', ['purpose', $purpose->id->text]), $language->value, $contents
                );
            }
            foreach ($affected as $each) {
                $lags = array_filter(
                    $before === '' ? [] : $each->linesIn($language),
                    static fn (string $line): bool => StillSays::lags($language, $before.' '.$contents, $after, $line)
                );
                if ($lags !== []) {
                    $all[] = new SaidElsewhere($each->name, route('points.sheet', $each->point->slug), $language->value, implode(' / ', $lags));
                }
            }
        }

        return $all;
    }
}
