<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Actions\Evidence\ProvenChain;
use App\Models\ApprovedEdition;
use App\Models\PublishedEdition;
use App\Models\Subscriber;
use App\Queries\Registers\RegistersInForce;
use App\Support\PublishedForms;
use App\Support\UnknownBytes;
use Juramen\Canon\Digest;
use Juramen\Consent\Answer;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Consent\Target;
use Juramen\Register\Language;
use Juramen\Register\Purpose;

/** Brings together what the page about one person shows. */
final class PersonPage
{
    public function __construct(private readonly PersonalValues $personal, private readonly RegistersInForce $inForce, private readonly PublishedForms $published) {}

    /**
     * @param  Entry|null  $chosen  the act whose proof stands in the margin; the newest consent where none is chosen
     * @return array<string, mixed>
     */
    public function of(Subscriber $subscriber, ProvenChain $proven, ?Entry $chosen): array
    {
        $chain = $proven->entries;
        $registers = $this->inForce->registers();
        $chosen ??= $this->newestConsent($chain);
        $consent = $chosen === null ? null : $this->consentBehind($chosen, $chain);

        return [
            'subscriber' => $subscriber,
            'controller' => $registers->controller($subscriber->controller->slug)->name,
            'values' => $this->personal->newestOf($subscriber->subject),
            'chain' => $chain,
            'editions' => $this->editions($chain),
            'purposes' => array_combine($registers->purposes->ids(), array_map(static fn (Purpose $p): string => $p->title(), $registers->purposes->all())),
            'targets' => $this->targets($chain),
            'chosen' => $chosen,
            'consent' => $consent,
            'proven' => $proven,
            'statements' => $consent === null ? [] : $this->statements($consent),
            'kept' => $chosen === null ? [] : $this->personal->ofEntry($chosen->id),
        ];
    }

    /**
     * @param  list<Entry>  $chain
     * @return list<Target> everything this person was ever asked for
     */
    public function targets(array $chain): array
    {
        $targets = [];
        foreach ($chain as $entry) {
            foreach ($entry->act->targets as $target) {
                $targets[$target->key()] = $target;
            }
        }

        return array_values($targets);
    }

    /** @param  list<Entry>  $chain */
    private function newestConsent(array $chain): ?Entry
    {
        $given = array_filter($chain, static fn (Entry $e): bool => $e->act->kind === EntryKind::Given);

        return $given === [] ? null : end($given);
    }

    /** @param  list<Entry>  $chain */
    private function consentBehind(Entry $chosen, array $chain): ?Entry
    {
        if ($chosen->act->kind === EntryKind::Given) {
            return $chosen;
        }
        foreach ($chain as $entry) {
            if ($entry->act->kind === EntryKind::Given && $chosen->act->journey !== null && $entry->act->journey?->equals($chosen->act->journey) === true) {
                return $entry;
            }
        }

        return $this->newestConsent(array_slice($chain, 0, $chosen->sequence));
    }

    /**
     * @param  list<Entry>  $chain
     * @return array<string, PublishedEdition> by digest
     */
    private function editions(array $chain): array
    {
        $digests = array_filter(array_map(static fn (Entry $e): ?Digest => $e->act->edition, $chain));
        $rows = PublishedEdition::query()->with('point')->whereIn('digest', array_map(static fn (Digest $d): string => $d->bytes, $digests))->get();

        return $rows->keyBy(static fn (PublishedEdition $row): string => $row->digest->hex())->all();
    }

    /** @return list<array{id: string, words: string, edition: ApprovedEdition|null}> what was agreed to, in the words that stood on the form, and the edition they were made of */
    private function statements(Entry $consent): array
    {
        $digests = array_map(static fn (Answer $answer): string => $answer->edition->bytes, $consent->act->answers);
        $editions = ApprovedEdition::query()->with('approver')->whereIn('digest', $digests)->get()->keyBy(static fn (ApprovedEdition $e): string => $e->digest->hex());
        $words = $consent->act->edition === null || $consent->act->language === null ? [] : $this->wordsOf($consent->act->edition, $consent->act->language);

        return array_map(static fn (Answer $a): array => ['id' => $a->statement, 'words' => $words[$a->statement] ?? '', 'edition' => $editions->get($a->edition->hex())], $consent->act->answers);
    }

    /** @return array<string, string> statement id to its words; none where the edition is not on record any more */
    private function wordsOf(Digest $edition, Language $language): array
    {
        try {
            $words = [];
            foreach ($this->published->edition($edition)->sheet->statements as $statement) {
                $words[$statement->id->text] = $statement->words($language);
            }

            return $words;
        } catch (UnknownBytes) {
            return [];
        }
    }
}
