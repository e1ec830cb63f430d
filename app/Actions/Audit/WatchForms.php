<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActRefusal;
use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Models\ReadHow;
use App\Support\SystemClock;
use Juramen\Canon\Refused;

/** Reads every watched page again. One that cannot be read is written down with why, and the last reading stays. */
final class WatchForms
{
    public function __construct(private readonly TakeForms $take, private readonly SystemClock $clock) {}

    /** @return int how many were read */
    public function __invoke(): int
    {
        $count = 0;
        foreach (ForeignForm::query()->with('newest')->where('watched', true)->whereNull('put_away_at')->orderBy('id')->get() as $form) {
            try {
                $this->take->again($form, null, null);
                $count++;
            } catch (Refused $e) {
                $this->failed($form, match (true) {
                    $e->isFor(ActRefusal::FormGoneThere) => 'form-gone',
                    $e->isFor(ActRefusal::FormElsewhere) => 'form-elsewhere',
                    default => $e->grounds[0]->fact('problem') ?? 'unreadable',
                });
            }
        }

        return $count;
    }

    /** Written once, however often it fails in the same way. */
    private function failed(ForeignForm $form, string $fault): void
    {
        $last = $form->newest;
        if ($last !== null && $last->fault !== $fault) {
            ForeignReading::query()->create([
                'foreign_form_id' => $form->id, 'page' => $last->page, 'nth' => $last->nth, 'language' => $last->language, 'how' => ReadHow::Watched,
                'user_id' => null,
                'read_at' => $this->clock->instant(), 'fault' => $fault, 'looked_at' => null,
            ]);
        }
    }
}
