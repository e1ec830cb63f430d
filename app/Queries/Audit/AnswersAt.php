<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Casts\Instants;
use App\Models\AuditAnswer;
use App\Support\Moments;
use Illuminate\Support\Collection;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Canon\Instant;

/** What was said of findings and held at a moment of the past. */
final readonly class AnswersAt
{
    /** @param  Collection<string, AuditAnswer>  $answers */
    private function __construct(private Collection $answers) {}

    public static function moment(Instant $at): self
    {
        return new self(AuditAnswer::query()->with('user')->where('made_at', '<=', Instants::write($at))->where('until', '>=', Moments::isoDay($at))
            ->where(static fn ($q) => $q->whereNull('ended_at')->orWhere('ended_at', '>', Instants::write($at)))->orderBy('id')->get()
            ->keyBy(static fn (AuditAnswer $a): string => "$a->form {$a->finding->hex()}"));
    }

    public function to(AuditedForm $form, AuditedFinding $finding): ?AuditAnswer
    {
        $answer = $this->answers->get("{$form->key()} {$finding->digest()->hex()}");

        return $answer?->covers($finding) === true ? $answer : null;
    }
}
