<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Models\Assignment;
use App\Models\AuditAnswer;
use App\Support\SystemClock;
use Illuminate\Support\Collection;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Canon\Day;

/** What was said of findings and holds: for exactly what was found, until its day. Read once. */
final class Answers
{
    /** @var Collection<string, AuditAnswer>|null */
    private ?Collection $holding = null;

    public function __construct(private readonly Assignments $assignments, private readonly SystemClock $clock) {}

    public function to(AuditedForm $form, AuditedFinding $finding): ?AuditAnswer
    {
        $this->holding ??= AuditAnswer::query()->with('user')->whereNull('ended_at')->where('until', '>=', $this->clock->today()->text)->orderBy('id')->get()
            ->keyBy(static fn (AuditAnswer $a): string => self::key($a->form, $a->finding->hex()));

        $answer = $this->holding->get(self::key($form->key(), $finding->digest()->hex()));

        return $answer?->covers($finding) === true ? $answer : null;
    }

    /** Who is to mend it, whatever else was said. */
    public function assigned(AuditedForm $form, AuditedFinding $finding): ?Assignment
    {
        return $this->assignments->of($form, $finding);
    }

    /** @return list<Assignment> of what is found on a form no more */
    public function gone(AuditedForm $form): array
    {
        return $this->assignments->gone($form);
    }

    public function today(): Day
    {
        return $this->clock->today();
    }

    private static function key(string $form, string $finding): string
    {
        return "$form $finding";
    }
}
