<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Ledger\LedgerTables;
use App\Models\Delivery;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Juramen\Log\VerifyingKey;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** The newest checkpoint for an auditor. It has lost its reason when its day is over: then there is another. */
final class CheckpointMail extends Mail
{
    public function __construct(
        SmtpSender $smtp, private readonly LedgerTables $ledger, private readonly KeyStore $keys, private readonly SystemClock $clock
    ) {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $delivery->loadMissing('user');
        [$auditor, $note, $day] = [$delivery->user, $this->ledger->newestCheckpoint(), $delivery->made_at->utc->format('Y-m-d')];
        if ($auditor === null || $note === null || $day !== $this->clock->instant()->utc->format('Y-m-d')) {
            return null;
        }
        $keys = implode("\n", array_map(static fn (VerifyingKey $key): string => $key->text(), $this->keys->keyRing()->keys()));
        $from = config()->string('juramen.mail.from');

        return $this->begin($delivery, $from)->from(new Address($from, 'Juramen'))->to(new Address($auditor->email, $auditor->name))
            ->subject("Checkpoint of the consent ledger, $day")
            ->text(
                "Please keep this. With it, \"php artisan ledger:verify --against=FILE\" shows whether anything before it was rewritten.\n\n"
                ."$note\nKeys it may be signed with:\n$keys\n"
            );
    }
}
