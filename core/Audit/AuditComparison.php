<?php

declare(strict_types=1);

namespace Juramen\Audit;

/**
 * Two audits beside each other. A finding is the same one where its requirement and its form are, and its place or its words; one without words, of
 * what is nowhere said, is the same wherever its element has moved to. What is left of the earlier is mended, what is left of the later is new.
 */
final readonly class AuditComparison
{
    /** @param  list<AuditChange>  $changes  the new first, then what is worse, still there, mended, and not seen any more */
    private function __construct(public array $changes) {}

    public static function between(Audit $earlier, Audit $later): self
    {
        $changes = [];
        foreach ($later->forms as $form) {
            $before = $earlier->form($form->kind, $form->id);
            array_push($changes, ...self::ofForm($before, $form));
        }
        foreach ($earlier->forms as $form) {
            if ($later->form($form->kind, $form->id) === null) {
                foreach ($form->findings as $finding) {
                    $changes[] = new AuditChange(AuditChangeKind::NotSeen, $form, $finding);
                }
            }
        }
        $order = array_flip(array_map(static fn (AuditChangeKind $k): string => $k->value, AuditChangeKind::cases()));
        usort($changes, static fn (AuditChange $a, AuditChange $b): int => [$order[$a->kind->value], $a->finding->verdict->urgency()]
            <=> [$order[$b->kind->value], $b->finding->verdict->urgency()]);

        return new self($changes);
    }

    /** @return list<AuditChange> */
    private static function ofForm(?AuditedForm $before, AuditedForm $form): array
    {
        [$changes, $rest, $open] = [[], $before->findings ?? [], $form->findings];
        $alone = static fn (AuditedFinding $f, array $all): bool => count(
            array_filter($all, static fn (AuditedFinding $other): bool => $other->requirement === $f->requirement)
        ) === 1;
        foreach ([
            static fn (AuditedFinding $a, AuditedFinding $b): bool => $a->where === $b->where && $a->words === $b->words,
            static fn (AuditedFinding $a, AuditedFinding $b): bool => $a->where === $b->where || ($a->words !== '' && $a->words === $b->words),
            static fn (AuditedFinding $a, AuditedFinding $b, array $rest, array $open): bool => $a->words.$b->words === '' && $a->says === $b->says
                && $alone($a, $rest) && $alone($b, $open),
        ] as $same) {
            foreach ($open as $n => $finding) {
                $alike = static fn (AuditedFinding $f): bool => $f->requirement === $finding->requirement && $same($f, $finding, $rest, $open);
                $was = array_key_first(array_filter($rest, $alike));
                if ($was !== null) {
                    $worse = $finding->verdict->urgency() < $rest[$was]->verdict->urgency();
                    $changes[] = new AuditChange($worse ? AuditChangeKind::Worse : AuditChangeKind::Still, $form, $finding);
                    unset($rest[$was], $open[$n]);
                }
            }
        }
        foreach ($open as $finding) {
            $changes[] = new AuditChange(AuditChangeKind::New, $form, $finding);
        }
        foreach ($rest as $finding) {
            $changes[] = new AuditChange(AuditChangeKind::Mended, $form, $finding);
        }

        return $changes;
    }

    public function count(AuditChangeKind $kind): int
    {
        return count($this->of($kind));
    }

    /** @return list<AuditChange> */
    public function of(AuditChangeKind $kind): array
    {
        return array_values(array_filter($this->changes, static fn (AuditChange $c): bool => $c->kind === $kind));
    }
}
