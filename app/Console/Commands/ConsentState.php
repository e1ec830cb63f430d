<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Consent\OrdersInHand;
use App\Actions\Evidence\AskPermission;
use App\Actions\Evidence\ProveChain;
use App\Actions\Signup\KnowSubscriber;
use App\Console\Report;
use App\Models\RegisteredController;
use App\Support\Moments;
use App\Support\SystemClock;
use Juramen\Canon\Instant;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Register\EmailAddress;
use RuntimeException;

final class ConsentState extends Report
{
    protected $signature = 'consent:state {address} {--at= : a date or time, such as 2026-09-02 or 2026-09-02T10:00; now if left out} {--json}';

    protected $description = 'What is permitted for one address at a moment, and why';

    public function __construct(
        private readonly KnowSubscriber $subscribers,
        private readonly ProveChain $prove,
        private readonly OrdersInHand $orders,
        private readonly SystemClock $clock,
    ) {
        parent::__construct();
    }

    protected function report(): int
    {
        $email = EmailAddress::parse((string) $this->argument('address'));
        $at = $this->option('at');
        $now = $this->clock->instant();
        $moments = is_string($at) ? Moments::read($at) : [$now];
        $moment = $moments[0] ?? throw new RuntimeException("\"$at\" is not a time; write it like 2026-09-02 or 2026-09-02T10:00.");
        if (count($moments) > 1) {
            throw new RuntimeException(
                "\"$at\" came twice, when the clocks were put back. Say which: ".implode(' or ', array_map(Moments::input(...), $moments)).'.'
            );
        }
        $rows = [];
        foreach (RegisteredController::query()->orderBy('id')->pluck('slug') as $controller) {
            $subscriber = $this->subscribers->find($controller, $email);
            if ($subscriber === null) {
                continue;
            }
            $proven = ($this->prove)($subscriber->subject);
            if (! $proven->holds()) {
                throw new RuntimeException(
                    "This cannot be answered, because what is on record for $controller is not as it was written: ".implode(' ', $proven->faults)
                );
            }
            foreach (Permissions::at($proven->entries, $moment, $now)->all() as $permission) {
                $rows[] = $this->row($controller, $this->orders->over($permission, $moment));
            }
        }
        if ($this->option('json')) {
            $this->json(['at' => $moment->text(), 'permissions' => $rows]);
        } else {
            $this->line('On '.Moments::exact($moment).':');
            foreach ($rows as $row) {
                $this->line(($row['allowed'] ? 'yes' : 'no ')."  {$row['controller']}: {$row['purpose']} by {$row['channel']}. {$row['why']}");
            }
            if ($rows === []) {
                $this->line('no   Nothing is on record for this address.');
            }
        }

        return $rows === [] ? self::FOUND : self::SUCCESS;
    }

    /**
     * @return array{
     *     controller: string, purpose: string, channel: string, allowed: bool, reason: string, since: string|null, entries: list<string>, why: string
     * }
     */
    private function row(string $controller, Permission $permission): array
    {
        return [
            'controller' => $controller,
            'purpose' => $permission->target->purpose,
            'channel' => $permission->target->channel->value,
            'allowed' => $permission->allowed(),
            'reason' => $permission->reason->value,
            'since' => $permission->since?->text(),
            'entries' => array_map(static fn ($e): string => $e->id->hex(), $permission->entries),
            'why' => AskPermission::sentence($permission, static fn (Instant $i): string => Moments::exact($i)),
        ];
    }
}
