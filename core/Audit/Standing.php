<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** How one requirement stands on a form as a whole: the gravest that was found of it. */
final readonly class Standing
{
    public function __construct(public string $requirement, public Verdict $verdict) {}

    /**
     * @param  list<Result>  $results
     * @return list<self> one for each requirement that was asked, in the order in which they were
     */
    public static function all(array $results): array
    {
        $worst = [];
        foreach ($results as $result) {
            $id = $result->requirement->id();
            $worst[$id] = isset($worst[$id]) && $worst[$id]->urgency() <= $result->verdict->urgency() ? $worst[$id] : $result->verdict;
        }
        $standings = [];
        foreach ($worst as $id => $verdict) {
            $standings[] = new self($id, $verdict);
        }

        return $standings;
    }
}
