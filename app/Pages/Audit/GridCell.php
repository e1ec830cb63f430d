<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use Juramen\Audit\Verdict;

/** How a requirement stands on a form. */
final readonly class GridCell
{
    /**
     * @param  Verdict|null  $verdict  null where it was not asked
     * @param  string  $says  all of it in words, for whoever does not see the shape
     */
    public function __construct(public ?Verdict $verdict, public string $says, public string $form, public string $requirement, public bool $answered) {}

    public function shape(): string
    {
        return $this->verdict === null ? 'not-asked' : $this->verdict->value;
    }

    /** Whether it belongs to what somebody chose: a form, or one requirement of it. */
    public function isAt(mixed $form, mixed $requirement): bool
    {
        return $form === $this->form && in_array($requirement, [null, '', $this->requirement], true);
    }

    /** What stands behind the audit's address where its note is open. */
    public function query(): string
    {
        return http_build_query(['form' => $this->form, 'requirement' => $this->requirement], '', '&', PHP_QUERY_RFC3986);
    }

    public function isFinding(): bool
    {
        return $this->verdict?->isFinding() === true;
    }
}
