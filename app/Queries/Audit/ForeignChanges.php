<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Support\PublishedForms;
use Illuminate\Database\Eloquent\Builder;
use Juramen\Audit\ChangeKind;
use Juramen\Audit\FormChange;
use Juramen\Audit\FormChanges;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Reading;

/** In what forms from elsewhere differ: from their own last reading, and from the edition in force that they should be a copy of. */
final class ForeignChanges
{
    public function __construct(private readonly ReadForms $forms, private readonly PublishedForms $published) {}

    /** @return list<FormChange> */
    public function since(ForeignForm $form, ForeignReading $read, ForeignReading $before): array
    {
        return $this->between($this->forms->at($before, $form)->reading, $this->forms->at($read, $form)->reading);
    }

    /** @return list<FormChange>|null null where it is no copy, or nothing of its point is published in its language */
    public function fromEdition(ForeignForm $form, Reading $reading): ?array
    {
        $edition = $form->point === null ? null : $this->published->current($form->point->slug);
        if ($edition === null) {
            return null;
        }
        $language = $edition->sheet->draft->languageFor($reading->language);
        $ours = HtmlReader::read($this->published->form($edition, $language)->html)[0] ?? null;

        // A copy on another host is sent to us from there, and has links made whole: where it goes is for the eye. What stands over our form is its page's.
        $ofPage = [ChangeKind::SentElsewhere, ChangeKind::SentenceGone];

        return $ours === null ? null : array_values(array_filter(
            FormChanges::between($ours, $reading), static fn (FormChange $c): bool => ! in_array($c->kind, $ofPage, true)
        ));
    }

    /**
     * Newest readings of watched pages that nobody has looked at, where something is other than when somebody last did, or that failed.
     *
     * @return list<ForeignReading>
     */
    public function unseen(): array
    {
        $forms = ForeignForm::query()->with('newest', 'mail', 'newest.form')->where('watched', true)->whereNull('put_away_at')->orderBy('id')->get();

        return array_values($forms->filter($this->isUnseen(...))->map(static fn (ForeignForm $f): ?ForeignReading => $f->newest)->filter()->all());
    }

    /** Whether its page changed by itself, or could not be read, since somebody last looked. */
    public function isUnseen(ForeignForm $form): bool
    {
        $read = $form->newest;
        if ($read === null || $read->looked_at !== null || $read->user_id !== null) {
            return false;
        }
        $seen = $this->lastSeen($read);

        return $read->fault !== '' || ($seen !== null && ! $seen->page->equals($read->page) && $this->since($form, $read, $seen) !== []);
    }

    /** The reading before one that somebody took by hand, or looked at; null where there is none. */
    public function lastSeen(ForeignReading $read): ?ForeignReading
    {
        return ForeignReading::query()->where('foreign_form_id', $read->foreign_form_id)->where('id', '<', $read->id)
            ->where(static fn (Builder $q) => $q->whereNotNull('looked_at')->orWhereNotNull('user_id'))->orderByDesc('id')->first();
    }

    /** @return list<FormChange> */
    private function between(?Reading $before, ?Reading $after): array
    {
        return $before === null || $after === null ? [] : FormChanges::between($before, $after);
    }
}
