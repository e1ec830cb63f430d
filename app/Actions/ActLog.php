<?php

declare(strict_types=1);

namespace App\Actions;

use App\Casts\Instants;
use App\Models\Act;
use App\Models\ActKind;
use App\Models\User;
use App\Support\SystemClock;

/** Writes down what somebody who works here did, in the transaction in which it was done. */
final class ActLog
{
    /** Seconds within which looking again is the same look. */
    private const LOOK = 600;

    /** @var list<array<string, int|string|null>>|null what waits to be written together; null where each is written at once */
    private ?array $together = null;

    public function __construct(private readonly SystemClock $clock) {}

    /**
     * @param  User|null  $by  nobody where it was tried from outside
     * @param  string  $about  what the kind's subject says; never an address
     * @param  string  $detail  a number, a role, a state
     */
    public function write(?User $by, ActKind $kind, string $about = '', string $detail = ''): void
    {
        $act = [
            'at' => Instants::write($this->clock->instant()), 'user_id' => $by?->id, 'kind' => $kind->value, 'about' => mb_substr($about, 0, 80),
            'detail' => mb_substr($detail, 0, 120),
        ];
        $this->together === null ? Act::query()->insert($act) : $this->together[] = $act;
    }

    /**
     * What is done together is written together, at its end.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public function together(callable $do): mixed
    {
        $this->together = [];
        try {
            $done = $do();
            Act::query()->insert($this->together);

            return $done;
        } finally {
            $this->together = null;
        }
    }

    /** That somebody looks at something: once, however often the page is drawn within some minutes. */
    public function seen(User $by, ActKind $kind, string $about): void
    {
        $last = Act::query()->where('user_id', $by->id)->orderByDesc('id')->first();
        $same = $last !== null && $last->kind === $kind && $last->about === $about;
        if (! $same || $this->clock->instant()->isAfter($last->at->plusSeconds(self::LOOK))) {
            $this->write($by, $kind, $about);
        }
    }
}
