<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Actions\Evidence\AskPermission;
use App\Actions\Evidence\ProveChain;
use App\Actions\Evidence\ProvenChain;
use App\Models\ApprovedEdition;
use App\Models\PublishedEdition;
use App\Models\Subscriber;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\UnknownBytes;
use App\Support\ValueName;
use Juramen\Canon\ById;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\Acts\ConfirmationSent;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Answer;
use Juramen\Consent\AskedBy;
use Juramen\Consent\Entry;
use Juramen\Consent\Lifeline;
use Juramen\Consent\OwnValues;
use Juramen\Consent\Permission;
use Juramen\Consent\Target;
use Juramen\Log\Disclosure;

/** Prepares the page about one person: the question, the acts, the form as shown, the proof. */
final class ShowPerson
{
    public function __construct(
        private readonly ProveChain $prove,
        private readonly PersonalValues $personal,
        private readonly AskPermission $ask,
        private readonly RegistersInForce $inForce,
        private readonly PublishedForms $published,
        private readonly AnsweredForm $answered,
        private readonly WhereItWent $went,
        private readonly SystemClock $clock,
    ) {}

    public function __invoke(Subscriber $subscriber, PersonRequest $asked): PersonPage
    {
        $proven = ($this->prove)($subscriber->subject);
        $registers = $this->inForce->registers();
        $names = new TargetNames($registers);
        $values = $this->personal->newestOf($subscriber->subject, $proven->entries);
        $asking = Asking::of($proven, $asked, $this->ask, $this->clock->instant());
        $chosen = self::find($proven->entries, $asked->entry) ?? $asking?->consent() ?? self::newestConsent($proven->entries);
        $consent = $chosen === null ? null : self::consentBehind($chosen, $proven->entries);
        $state = [
            $values->get('first-name')->value ?? '', $registers->controller($subscriber->controller->slug)->name,
            'first seen '.Moments::exact($subscriber->first_seen),
        ];

        return new PersonPage(
            $subscriber, $values->get('email')->value ?? 'A person whose details were deleted', implode(' · ', array_filter($state)),
            route('evidence.printed', $subscriber->subject->hex()),
            $asking === null ? null : $this->question($subscriber, $proven, $asked, $asking, $chosen, $names),
            $this->acts($subscriber, $proven->entries, $chosen, $names), $this->went->of($subscriber, $proven->entries, $names),
            $chosen === null ? null : $this->chosen($chosen, $consent?->act, $proven),
            $consent === null ? null
                : new ShownForm(Moments::exact($consent->act->occurred), $this->pagesOf($subscriber, $consent)),
            $subscriber->found_spam === true, route('evidence.spam', $subscriber->subject->hex()),
            route('evidence.alike', $subscriber->subject->hex()),
        );
    }

    /** @return list<string> */
    private function pagesOf(Subscriber $subscriber, Entry $consent): array
    {
        $count = $consent->act instanceof Given ? $this->answered->pages($consent->act) : 1;
        $to = static fn (int $page): array => [$subscriber->subject->hex(), $consent->id->hex(), ...($page === 1 ? [] : ['page' => $page])];

        return array_map(static fn (int $page): string => route('evidence.shown', $to($page)), range(1, max(1, $count)));
    }

    /** Everything, to be printed. */
    public function whole(Subscriber $subscriber, User $by): PrintedPerson
    {
        $proven = ($this->prove)($subscriber->subject);
        $registers = $this->inForce->registers();
        $names = new TargetNames($registers);
        $values = $this->personal->newestOf($subscriber->subject, $proven->entries);
        $now = $this->clock->instant();
        $answers = array_map(fn (Target $target): PrintedAnswer => new PrintedAnswer(
            $names->of($target), $this->answered($subscriber->subject->hex(), $now, $now, ($this->ask)($proven->entries, $target, $now, $now))
        ), Asking::targets($proven)->all());

        return new PrintedPerson(
            $values->get('email')->value ?? 'A person whose details were deleted', $registers->controller($subscriber->controller->slug)->name,
            route('evidence.person', $subscriber->subject->hex()), Moments::exact($now)." by {$by->name}", $answers, $proven->faults,
            $this->acts($subscriber, $proven->entries, null, $names), $this->went->of($subscriber, $proven->entries, $names),
            array_map(fn (Entry $e): ChosenAct => $this->chosen($e, self::consentBehind($e, $proven->entries)?->act, $proven), $proven->entries),
        );
    }

    /** @param  list<Entry>  $chain */
    public static function find(array $chain, string $id): ?Entry
    {
        foreach ($chain as $entry) {
            if ($entry->id->hex() === $id) {
                return $entry;
            }
        }

        return null;
    }

    private function question(
        Subscriber $subscriber, ProvenChain $proven, PersonRequest $asked, Asking $asking, ?Entry $chosen, TargetNames $names
    ): Question {
        [$hex, $target, $on] = [$subscriber->subject->hex(), $asking->target, $asking->moments[0]];
        $options = static fn (array $values, callable $text, string $is): array => array_map(
            static fn (string $v): Option => new Option($v, $text($v), $v === $is), array_values(array_unique($values)),
        );

        return new Question(
            route('evidence.person', $hex), route('evidence.asked', $hex), $asked->entry, (string) $chosen?->id->hex(),
            $options(array_map(static fn (Target $t): string => $t->purpose, $asking->targets->all()), $names->purpose(...), $target->purpose),
            $options(array_map(static fn (Target $t): string => $t->channel->value, $asking->targets->all()), strval(...), $target->channel->value),
            $asked->on === '' ? Moments::input($asking->now) : $asked->on, Moments::zoneOf($on),
            $asking->understood ? ''
                : '“'.mb_substr($asked->on, 0, 60).'” is not a time. Write it like '.Moments::input($asking->now).'; the answer below is for now.',
            $proven->faults,
            array_map(
                fn (Instant $on, Permission $found): Answered => $this->answered($hex, $on, $asking->now, $found), $asking->moments, $asking->permissions
            ),
            new LifelineDrawing(Lifeline::of($proven->entries), $asking->now, $on, $names, $asked->zoom),
            array_map(static fn (Zoom $z): Option => new Option($z->value, $z->says(), $z === $asked->zoom), Zoom::cases()),
        );
    }

    private function answered(string $subject, Instant $on, Instant $now, Permission $permission): Answered
    {
        $numbers = array_map(static fn (Entry $e): int => $e->sequence, $permission->entries);
        $target = $permission->target;

        return new Answered(
            $permission->allowed(), $on->isAfter($now), Moments::exact($on),
            AskPermission::sentence($permission, Moments::exact(...), $on->isAfter($now)).$this->renewal($permission, $on),
            $numbers === [] ? '' : (count($numbers) === 1 ? 'Entry ' : 'Entries ').implode(', ', $numbers),
            route('evidence.person', [$subject, 'purpose' => $target->purpose, 'channel' => $target->channel->value, 'on' => Moments::input($on)]),
        );
    }

    /** When what is permitted is to be asked for again, where that day has come by then. */
    private function renewal(Permission $permission, Instant $on): string
    {
        if (! $permission->allowed() || $permission->since === null) {
            return '';
        }
        $months = $this->inForce->registers()->refreshMonths($permission->target->purpose, $permission->target->channel);
        $due = Day::at($permission->since, Moments::zone())->plusMonths($months);

        return $due->isAfter(Day::at($on, Moments::zone())) ? ''
            : ($due->isAfter($this->clock->today()) ? ' It will be' : ' It has been').' due to be asked for again '
                .($due->isAfter($this->clock->today()) ? 'from ' : 'since ').Moments::plain($due->text).'.';
    }

    /**
     * @param  list<Entry>  $chain
     * @return list<ActRow>
     */
    private function acts(Subscriber $subscriber, array $chain, ?Entry $chosen, TargetNames $names): array
    {
        $digests = array_filter(array_map(static fn (Entry $e): ?Digest => $e->act->edition(), $chain));
        $editions = ById::of(
            PublishedEdition::query()->with('point')->whereIn('digest', array_map(static fn (Digest $d): string => $d->bytes, $digests))->get(),
            static fn (PublishedEdition $e): string => $e->digest->hex(),
        );

        $point = $this->inForce->nameOf(...);

        return array_map(static function (Entry $entry) use ($subscriber, $chosen, $names, $editions, $point): ActRow {
            $act = $entry->act;
            $edition = $act->edition() === null ? null : $editions->get($act->edition()->hex());
            $later = $act->occurred->wholeSeconds()->text() !== $entry->recorded->wholeSeconds()->text();

            return new ActRow(
                $entry->sequence, Moments::exact($act->occurred), $later ? 'recorded '.Moments::exact($entry->recorded) : '',
                route('evidence.person', [$subscriber->subject->hex(), 'entry' => $entry->id->hex()]), self::word($act),
                implode(', ', array_map($names->of(...), $act->targets())), (string) __('office.how.'.$act->how->value),
                $act->edition() === null ? '' : ($edition === null ? 'an edition that is gone' : "{$point($edition->point->slug)}, edition {$edition->number}"),
                $entry->digest()->short(), $chosen !== null && $entry->id->equals($chosen->id),
            );
        }, $chain);
    }

    private function chosen(Entry $chosen, ?Act $consent, ProvenChain $proven): ChosenAct
    {
        [$leaf, $own] = [$proven->leafOf($chosen), OwnValues::of($proven->entries)->has($chosen)];
        $act = $chosen->act;

        return new ChosenAct(
            $chosen->id->hex(), "Act {$chosen->sequence}: ".self::word($act), $proven->holds(),
            $leaf === null || $proven->checkpoint === null ? null : number_format($leaf + 1).' of '.number_format($proven->checkpoint->size),
            implode(' ', str_split($chosen->digest()->hex(), 8)), (string) $act->edition()?->short(),
            $consent instanceof Given ? $this->agreed($consent) : [],
            array_map(
                static fn (Disclosure $d): KeptValue => new KeptValue(
                    ValueName::of($d->name), $d->value,
                    $d->name === 'file' ? route('evidence.file', [$chosen->subject->hex(), $chosen->id->hex()]) : null
                ),
                $own ? $this->personal->ofEntry($chosen->id) : []
            ),
            [
                ...$act instanceof Given ? self::notes($act) : [],
                ...$own ? [] : ['What was typed with it is not shown: nobody who has this inbox has confirmed it, and anybody can type an address.'],
            ],
            (string) json_encode(json_decode($chosen->bytes), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
        );
    }

    /** @return list<string> */
    private static function notes(Given $given): array
    {
        return array_values(array_filter([
            match ($given->screening) {
                'pass' => 'Screening: passed',
                'released' => 'Screening: held, then accepted by an officer',
                default => null,
            },
            match ($given->placement) {
                'page' => 'Came from our own page.',
                'copy' => 'Came from a copy on somebody else\'s page; our own form was shown before it was taken.',
                default => null,
            },
            $given->mended ? 'The form had been sent with another address, which was mended on the page behind it.' : null,
        ]));
    }

    /** @return list<AgreedWords> */
    private function agreed(Given $given): array
    {
        $editions = ById::of(
            ApprovedEdition::query()->with('approver')->whereIn('digest', array_map(static fn (Answer $a): string => $a->edition->bytes, $given->answers))
                ->get(),
            static fn (ApprovedEdition $e): string => $e->digest->hex(),
        );

        return array_map(function (Answer $answer) use ($given, $editions): AgreedWords {
            $edition = $editions->get($answer->edition->hex());

            return new AgreedWords(
                "Statement {$answer->statement}".($edition === null ? '' : ", edition {$edition->number}").", {$given->language->endonym()}",
                $given->language->value,
                $this->words($given, $answer), $edition === null ? '' : 'approved '.Moments::exact($edition->approved_at).' by '.$edition->approver->name,
                (string) $edition?->digest->short(),
            );
        }, $given->answers);
    }

    /** As they stood on the form; "" where its edition is not on record any more. */
    private function words(Given $given, Answer $answer): string
    {
        try {
            return (string) $this->published->edition($given->edition)->sheet->statement($answer->statement)?->words($given->language);
        } catch (UnknownBytes) {
            return '';
        }
    }

    private static function word(Act $act): string
    {
        return (string) __('office.acts.'.match (true) {
            $act instanceof ConfirmationSent && $act->asking !== AskedBy::First => "confirmation-sent-{$act->asking->value}",
            $act instanceof Confirmed && $act->through?->isByNumber() === true => 'confirmed-number',
            default => $act->kind()->value,
        });
    }

    /** @param  list<Entry>  $chain */
    private static function newestConsent(array $chain): ?Entry
    {
        $given = array_filter($chain, static fn (Entry $e): bool => $e->act instanceof Given);

        return $given === [] ? null : end($given);
    }

    /** @param  list<Entry>  $chain */
    private static function consentBehind(Entry $chosen, array $chain): ?Entry
    {
        if ($chosen->act instanceof Given) {
            return $chosen;
        }
        $journey = $chosen->act->journey();
        $of = array_filter($chain, static fn (Entry $e): bool => $e->act instanceof Given && $journey !== null && $e->act->journey->equals($journey));

        return array_values($of)[0] ?? self::newestConsent(array_slice($chain, 0, $chosen->sequence));
    }
}
