<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Models\Assignment;
use App\Models\AuditAnswer;
use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Models\Role;
use App\Models\User;
use App\Queries\Audit\Assignments;
use App\Queries\Audit\ForeignChanges;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\SystemClock;
use Juramen\Audit\Requirements;

/** What is to be decided about forms from elsewhere and about answers that end. */
final class AuditWork
{
    /** Days before an answer's end from which on it stands on the desk, and after it. */
    private const AROUND_END = 21;

    public function __construct(
        private readonly ForeignChanges $changes, private readonly Assignments $assignments, private readonly RegistersInForce $inForce,
        private readonly SystemClock $clock
    ) {}

    /** @return list<Decision> */
    public function decisions(User $reader): array
    {
        return [
            ...array_map($this->changed(...), $this->changes->unseen()), ...$this->ending(),
            ...array_map(fn (Assignment $a): Decision => $this->toMend($a, $reader), $this->assignments->for($reader, $reader->role === Role::Officer)),
        ];
    }

    private function toMend(Assignment $assignment, User $reader): Decision
    {
        $late = $this->clock->today()->isAfter($assignment->due);
        $day = Moments::plain($assignment->due->text);
        $who = $assignment->user_id === $reader->id ? ($late ? "was yours to mend by $day: " : "is yours to mend by $day: ")
            : "was to be mended by {$assignment->user->name} by $day: ";

        return new Decision(
            $late ? 0 : 1, $late ? 'Today' : Moments::shortDay($assignment->due->text), $this->named($assignment->form),
            $who.lcfirst(Requirements::find($assignment->requirement)?->title() ?? "$assignment->requirement."),
            trim("From {$assignment->maker->name}. $assignment->note"), $assignment->user_id === $reader->id ? 'Mend it' : 'See it',
            route('audit', ['form' => $assignment->form, 'requirement' => $assignment->requirement]), $assignment->due->text
        );
    }

    /** As people call a form. */
    private function named(string $form): string
    {
        [$kind, $id] = [...explode(' ', $form, 2), ''];

        return $kind === 'point' ? $this->inForce->nameOf($id) : ForeignForm::query()->where('slug', $id)->first()->name ?? $id;
    }

    private function changed(ForeignReading $read): Decision
    {
        return new Decision(
            0, 'Today', $read->form->name, $read->fault === '' ? 'is another than it was: its page changed by itself.' : 'could not be read again: '
                .__("office.outgoing.$read->fault"),
            'Read on '.Moments::minute($read->read_at).'.', 'See both', route('audit.form', $read->form->slug)
        );
    }

    /** @return list<Decision> */
    private function ending(): array
    {
        $today = $this->clock->today();
        $rows = AuditAnswer::query()->with('user')->whereNull('ended_at')
            ->whereBetween('until', [$today->plus(-self::AROUND_END)->text, $today->plus(self::AROUND_END)->text])->orderBy('until')->get();

        return array_values($rows->map(function (AuditAnswer $answer) use ($today): Decision {
            $said = __("office.answer-says.{$answer->says->value}");
            $over = $answer->until < $today->text;

            return new Decision(
                $over ? 0 : 1, $over ? 'Today' : Moments::shortDay($answer->until), $this->named($answer->form),
                ($over ? 'stands again: ' : 'is '.lcfirst($said).' until then: ').lcfirst(Requirements::find($answer->requirement)?->title() ?? ''),
                "$said by {$answer->user->name}: $answer->reason", 'Answer again or mend', route('audit', ['form' => $answer->form]), $answer->until
            );
        })->all());
    }
}
