<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\FailedWork;
use App\Support\Moments;
use Juramen\Canon\Instant;

/** One piece of work that failed. */
final readonly class WorkRow
{
    private function __construct(public string $failed, public string $what, public string $why, public string $again, public string $leave,
        public string $id, private string $since) {}

    public function cell(string $column): string
    {
        return match ($column) {
            'what' => $this->what,
            'why' => $this->why,
            default => $this->since,
        };
    }

    public static function of(FailedWork $work): self
    {
        $name = preg_match('/"displayName":"(?:[^"]*\\\\)?(\w+)"/', $work->payload, $found) === 1 ? $found[1] : '';

        return new self(
            Moments::exact(Instant::of(new \DateTimeImmutable($work->failed_at, new \DateTimeZone('UTC')))), __("office.work.$name"), $work->exception,
            route('work.again', $work->uuid), route('work.leave', $work->uuid), $work->uuid,
            $work->failed_at
        );
    }
}
