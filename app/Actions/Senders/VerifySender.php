<?php

declare(strict_types=1);

namespace App\Actions\Senders;

use App\Actions\ActLog;
use App\Actions\Delivery\Outbox;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\SenderAddress;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\MacRing;

/** An address that mails come from is verified by a link that goes there: opening it changes nothing, its button does. */
final class VerifySender
{
    private const PURPOSE = 'sender';

    /** Days for which the link works. */
    private const DAYS = 7;

    public function __construct(
        private readonly Outbox $outbox, private readonly MacRing $keys, private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    public function ask(string $controller, string $address, User $by): SenderAddress
    {
        return DB::transaction(function () use ($controller, $address, $by): SenderAddress {
            $now = $this->clock->instant();
            $sender = SenderAddress::query()->firstOrNew(['controller' => $controller, 'address' => $address]);
            if ($sender->verified_at === null) {
                $sender->fill(['user_id' => $by->id, 'asked_at' => $now])->save();
                $this->outbox->toSender($sender, $now->utc->format('Y-m-d H:i'));
                $this->log->write($by, ActKind::AskedSender, "controller $controller");
            }

            return $sender;
        }, 3);
    }

    public function token(SenderAddress $sender): string
    {
        return $this->keys->seal(self::PURPOSE, pack('J', $sender->id).pack('J', $sender->asked_at->utc->getTimestamp()));
    }

    /** The address that a link was made for; null where it is none of ours, an older one, or its days are over. */
    public function find(string $token): ?SenderAddress
    {
        $payload = $this->keys->open(self::PURPOSE, $token);
        if ($payload === null || strlen($payload) !== 16) {
            return null;
        }
        /** @var array{id: int, at: int} $said */
        $said = unpack('Jid/Jat', $payload);
        $sender = SenderAddress::query()->find($said['id']);
        $works = $sender !== null && $sender->asked_at->utc->getTimestamp() === $said['at']
            && ! $this->clock->instant()->isAfter($sender->asked_at->plusDays(self::DAYS));

        return $works ? $sender : null;
    }

    /** @return bool whether the link still works; pressing twice changes nothing */
    public function press(string $token): bool
    {
        $sender = $this->find($token);
        if ($sender === null) {
            return false;
        }
        SenderAddress::query()->whereKey($sender->id)->whereNull('verified_at')->update(['verified_at' => Instants::write($this->clock->instant())]);

        return true;
    }
}
