<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Models\Assignment;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;

/** Who is to mend what. Read once. */
final class Assignments
{
    /** @var Collection<string, Assignment>|null */
    private ?Collection $holding = null;

    public function __construct(private readonly SystemClock $clock) {}

    public function of(AuditedForm $form, AuditedFinding $finding): ?Assignment
    {
        return $this->holding()->get("{$form->key()} {$finding->digest()->hex()}");
    }

    /** @return list<Assignment> of what is found on a form no more */
    public function gone(AuditedForm $form): array
    {
        return array_values($this->holding()->filter(
            static fn (Assignment $a): bool => $a->form === $form->key() && $form->finding($a->finding) === null
        )->all());
    }

    /** @return Collection<string, Assignment> */
    private function holding(): Collection
    {
        return $this->holding ??= $this->open()->get()->keyBy(static fn (Assignment $a): string => "$a->form {$a->finding->hex()}");
    }

    /**
     * What somebody is to mend; whoever answers for the house sees besides what others have not mended in time.
     *
     * @return list<Assignment>
     */
    public function for(User $user, bool $seesLate): array
    {
        return array_values($this->open()->where(fn (Builder $q) => $q->where('user_id', $user->id)
            ->when($seesLate, fn (Builder $late) => $late->orWhere('due', '<', $this->clock->today()->text)))->get()->all());
    }

    /** @return Builder<Assignment> */
    private function open(): Builder
    {
        return Assignment::query()->with('user', 'maker')->whereNull('ended_at')->orderBy('due')->orderBy('id');
    }
}
