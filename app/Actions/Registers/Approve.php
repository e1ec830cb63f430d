<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\Ledger\Append;
use App\Actions\Points\PublicationRefused;
use App\Actions\Points\PublishPoint;
use App\Models\Decided;
use App\Models\Edition;
use App\Models\Point;
use App\Models\Record;
use App\Models\RecordKind;
use App\Models\Revision;
use App\Models\Role;
use App\Models\User;
use App\Support\SystemClock;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Judgement;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\InvalidDocument;
use Juramen\Consent\Act;
use Juramen\Points\Sheet;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/**
 * Makes an edition of what was drafted, entered in the ledger, and publishes the points that were chosen with it: one
 * act that is done whole or not at all.
 */
final class Approve
{
    /** Characters of a comment that explains why words with a breach are approved all the same. */
    private const EXPLAINS = 15;

    public function __construct(
        private readonly InForce $inForce,
        private readonly Append $append,
        private readonly PublishPoint $publish,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  int  $looked  number of the revision that the officer has looked at; another one is not approved
     * @param  array<string, string>  $points  slugs of points to be published again with it, each with what was looked at of it, see TouchedPoint
     * @param  string|null  $effective  the day from which it holds, like 2026-12-01; today where none is given
     *
     * @throws Refused
     * @throws PublicationRefused where one of the points cannot be published as it was looked at; nothing is approved then
     */
    public function __invoke(Record $record, User $officer, int $looked, string $comment, array $points = [], ?string $effective = null): Edition
    {
        return DB::transaction(function () use ($record, $officer, $looked, $comment, $points, $effective): Edition {
            Record::query()->whereKey($record->id)->lockForUpdate()->exists();
            $revision = $record->revisions()->orderByDesc('number')->firstOrFail();
            $last = $record->editions()->orderByDesc('number')->first();
            $this->admit($record, $revision, $last, $officer, $looked, trim($comment));
            $edition = $this->make($record, $revision, $last, $officer, trim($comment), $this->day($effective));
            $record->proposals()->whereNull('decision')->update(['decision' => Decided::Approved, 'decided_by' => $officer->id, 'decided_at' => $edition->approved_at->utc->format('Y-m-d H:i:s.u'), 'reply' => mb_substr(trim($comment), 0, 1000)]);
            foreach ($this->pointsOf($points, $edition) as $point) {
                try {
                    $this->publish->again($point, $officer, $points[$point->slug]);
                } catch (PublicationRefused $e) {
                    throw new PublicationRefused("{$point->slug}: {$e->getMessage()} Nothing was approved.");
                }
            }

            return $edition;
        }, 3);
    }

    /**
     * @param  array<string, string>  $points
     * @return list<Point> always in the same order, so that two approvals do not wait for each other
     */
    private function pointsOf(array $points, Edition $edition): array
    {
        if ($points !== [] && $edition->effective > $edition->approved_at->utc->format('Y-m-d')) {
            throw new Refused("It holds from {$edition->effective} on, so no point can be published with it today. Take the points out of the choice; on that day they stand on the desk.");
        }
        $found = array_values(Point::query()->with('record')->whereIn('slug', array_map(strval(...), array_keys($points)))->orderBy('id')->get()->all());

        return count($found) === count($points) ? $found : throw new Refused('One of the chosen points does not exist any more. Look at what it is now, then approve.');
    }

    /** Takes it out of use; points that use it say so, and its editions stay. */
    public function retire(Record $record, User $officer, string $reason): void
    {
        if (mb_strlen(trim($reason)) < self::EXPLAINS) {
            throw new Refused('Say in a sentence why it is retired.');
        }
        $used = match ($record->kind) {
            RecordKind::Statement => $this->sheetsWith($record->slug),
            RecordKind::Purpose => array_keys(array_filter($this->inForce->registers()->statements, static fn (Statement $s): bool => $s->purpose === $record->slug)),
            RecordKind::Processor => [],
            default => throw new Refused("The {$record->kind->noun()} cannot be retired."),
        };
        if ($used !== []) {
            throw new Refused($record->kind === RecordKind::Purpose ? 'These statements still ask for it: '.implode(', ', $used).'. Retire them first.' : "\"{$record->slug}\" still stands on ".implode(', ', $used).'. Take it off these sheets first.');
        }
        DB::transaction(function () use ($record, $officer, $reason): void {
            $now = $this->clock->instant();
            $record->update(['retired_at' => $now, 'retired_by' => $officer->id, 'retired_why' => mb_substr(trim($reason), 0, 500)]);
            ($this->append)($record->subject ?? $this->subject($record), Act::retired($now, "{$record->kind->value} {$record->slug}", trim($reason), "user {$officer->id}"));
        }, 3);
    }

    /**
     * People who wrote what is not approved yet, and therefore may not approve it where four eyes are demanded.
     *
     * @return array<int, string> id to name
     */
    public function writers(Record $record, ?Edition $last): array
    {
        return User::query()->whereIn('id', $record->writersSince($last->revision ?? 0))->pluck('name', 'id')->all();
    }

    /** Whether four eyes must look at whatever fills words that people read: the house may say that two are enough. */
    public function fourEyes(): bool
    {
        return $this->inForce->registers()->house->fourEyes;
    }

    /** @return list<string> names of officers who are not this one */
    public function others(User $officer): array
    {
        return array_values(User::query()->where('role', Role::Officer)->whereKeyNot($officer->id)->orderBy('id')->pluck('name')->all());
    }

    private function admit(Record $record, Revision $revision, ?Edition $last, User $officer, int $looked, string $comment): void
    {
        if ($officer->role !== Role::Officer || $record->kind === RecordKind::Sheet) {
            throw new Refused($record->kind === RecordKind::Sheet ? 'A sheet is not approved; its point is published.' : 'Officers approve; you can submit what you drafted.');
        }
        if ($looked !== $revision->number) {
            throw new Refused('It was changed after you looked at it. Look at what it is now, then approve.');
        }
        if ($last !== null && $last->document() == $revision->document) {
            throw new Refused("There is nothing to approve: edition {$last->number} says the same.");
        }
        if ($this->fourEyes() && isset($this->writers($record, $last)[$officer->id])) {
            $others = $this->others($officer);
            throw new Refused('You wrote part of this draft yourself, and the house demands four eyes: somebody else approves it'.($others === [] ? '.' : ', such as '.implode(' or ', $others).'.'));
        }
        InForce::check($record->kind, $revision->document, whole: true);
        $this->keepSheets($record, $revision);
        if ($record->kind === RecordKind::Statement) {
            $this->admitStatement(Statement::from($revision->document), $comment);
        }
    }

    /** No sheet may become what no form can be made of. */
    private function keepSheets(Record $record, Revision $revision): void
    {
        $would = $this->inForce->registers()->with(InForce::read($record->kind, $revision->document));
        foreach (InForce::records(RecordKind::Sheet)->with('newest')->get() as $sheet) {
            try {
                Sheet::read($would->complete($sheet->newest->document ?? []));
            } catch (InvalidDocument $e) {
                throw new Refused("With it, no form could be made of \"{$sheet->slug}\" any more: {$e->getMessage()}");
            }
        }
    }

    private function admitStatement(Statement $statement, string $comment): void
    {
        $registers = $this->inForce->registers();
        if ($statement->texts->toArray() === []) {
            throw new Refused('There are no words yet: write them in at least one language.');
        }
        $unfilled = $registers->unfilled($statement);
        if ($unfilled !== []) {
            throw new Refused(implode(' ', Unfilled::said($unfilled)));
        }
        $breaches = Judgement::ofStatement($statement, $registers)->breaches();
        if ($breaches !== [] && mb_strlen($comment) < self::EXPLAINS) {
            throw new Refused('The words have '.(count($breaches) === 1 ? 'a breach' : count($breaches).' breaches').'. Mend '.(count($breaches) === 1 ? 'it' : 'them').', or say in the comment why the words may be approved all the same.');
        }
    }

    private function make(Record $record, Revision $revision, ?Edition $last, User $officer, string $comment, string $effective): Edition
    {
        $number = ($last->number ?? 0) + 1;
        $bytes = CanonicalJson::encode(['kind' => $record->kind->value, 'name' => $record->slug, 'number' => $number, 'document' => $revision->document]);
        $now = $this->clock->instant();
        $edition = $record->editions()->create([
            'number' => $number, 'digest' => Digest::of($bytes), 'bytes' => $bytes, 'revision' => $revision->number,
            'approved_by' => $officer->id, 'approved_at' => $now, 'comment' => mb_substr($comment, 0, 1000), 'effective' => $effective,
        ]);
        ($this->append)($record->subject ?? $this->subject($record), Act::approved($now, "{$record->kind->value} {$record->slug}", $edition->digest, $effective, $comment, "user {$officer->id}"));

        return $edition;
    }

    private function subject(Record $record): Id
    {
        $subject = $this->append->newSubject('record');
        $record->update(['subject' => $subject]);

        return $subject;
    }

    private function day(?string $given): string
    {
        $today = $this->clock->instant()->utc->format('Y-m-d');
        if ($given === null || $given === '') {
            return $today;
        }
        if ((DateTimeImmutable::createFromFormat('!Y-m-d', $given) ?: null)?->format('Y-m-d') !== $given || $given < $today) {
            throw new Refused("\"$given\" is not a day from today on; write it like 2026-12-01.");
        }

        return $given;
    }

    /** @return list<string> names of sheets on which a statement stands now */
    private function sheetsWith(string $statement): array
    {
        $names = [];
        foreach (InForce::records(RecordKind::Sheet)->with('newest')->get() as $sheet) {
            foreach ((array) ($sheet->newest?->document['statements'] ?? []) as $named) {
                if (($named['id'] ?? null) === $statement) {
                    $names[] = (string) ($sheet->newest?->document['name'] ?? $sheet->slug);
                }
            }
        }

        return $names;
    }
}
