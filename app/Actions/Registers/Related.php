<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Models\RecordKind;
use Juramen\Points\Registers;
use Juramen\Register\Controller;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Wording\Statement;

/** What hangs together with an entry of a register: who uses it, and what it uses. */
final class Related
{
    /** @return array<string, list<array{string, string, string}>> title to name, address and a remark */
    public function to(HouseRules|Controller|Purpose|Statement|Processor $thing, Registers $registers): array
    {
        return match (true) {
            $thing instanceof HouseRules => ['Points that depart from them' => $this->departing($registers)],
            $thing instanceof Controller => [
                'Its signup points' => $this->sheets(static fn (array $document): bool => ($document['controller'] ?? null) === $thing->id),
                'Its purposes' => $this->purposes(array_filter($registers->purposes, static fn (Purpose $p): bool => $p->controller === $thing->id)),
            ],
            $thing instanceof Purpose => [
                'Statements that ask for it' => array_values(array_map(static fn (Statement $s): array => [$s->id, route('records.show', ['statement', $s->id]), $s->isApproved() ? 'in force' : 'never approved'], array_filter($registers->statements, static fn (Statement $s): bool => $s->purpose === $thing->id))),
                'Who gets its details' => array_values(array_map(static fn (Processor $p): array => [$p->name, route('records.show', ['processor', $p->id]), $p->own ? 'for its own use' : 'works for us'], array_filter($registers->processors, static fn (Processor $p): bool => in_array($thing->id, $p->purposes, true)))),
            ],
            $thing instanceof Processor => ['Purposes whose details it gets' => $this->purposes(array_filter($registers->purposes, static fn (Purpose $p): bool => in_array($p->id, $thing->purposes, true)))],
            $thing instanceof Statement => ['Its purpose' => $this->purposes([$registers->purpose($thing->purpose)])],
        };
    }

    /**
     * @param  array<array-key, Purpose>  $purposes
     * @return list<array{string, string, string}>
     */
    private function purposes(array $purposes): array
    {
        return array_values(array_map(static fn (Purpose $p): array => [$p->names->has(Language::English) ? $p->names->in(Language::English) : $p->id, route('records.show', ['purpose', $p->id]), $p->basis->says()], $purposes));
    }

    /** @return list<array{string, string, string}> */
    private function departing(Registers $registers): array
    {
        $all = [];
        foreach (InForce::records(RecordKind::Sheet)->with('newest')->get() as $record) {
            foreach ($registers->holdings($record->newest->document ?? []) as $holding) {
                if ($holding->departure !== null) {
                    $all[] = [(string) ($record->newest->document['name'] ?? $record->slug), route('points.sheet', $record->slug).'#part-4', $holding->rule->says($holding->value).': '.$holding->departure->reason];
                }
            }
        }

        return $all;
    }

    /**
     * @param  callable(array<string, mixed>): bool  $which
     * @return list<array{string, string, string}>
     */
    private function sheets(callable $which): array
    {
        $found = InForce::records(RecordKind::Sheet)->with('newest')->get()->filter(static fn ($record): bool => $which($record->newest->document ?? []));

        return array_values($found->map(static fn ($record): array => [(string) ($record->newest->document['name'] ?? $record->slug), route('points.sheet', $record->slug), ''])->all());
    }
}
