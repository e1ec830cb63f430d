<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Actions\Mailing\OutcomeKind;
use App\Actions\Mailing\SmtpSender;
use App\Casts\Instants;
use App\Models\Role;
use App\Models\User;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Log\VerifyingKey;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * Mails the newest checkpoint to every auditor once a day, so that somebody outside holds us to it: whoever rewrites the ledger, and
 * what lies beside the key, is caught by a checkpoint that somebody else already has. A mail that was not taken is tried again.
 */
final class MailCheckpoint
{
    public function __construct(
        private readonly LedgerTables $ledger, private readonly KeyStore $keys, private readonly SmtpSender $smtp, private readonly SystemClock $clock
    ) {}

    /** @return int how many auditors got it */
    public function __invoke(): int
    {
        $note = $this->ledger->newestCheckpoint();
        $day = $this->clock->instant()->utc->format('Y-m-d');
        $sent = 0;
        if ($note === null) {
            return $sent;
        }
        foreach (User::query()->where('role', Role::Auditor)->orderBy('id')->get() as $auditor) {
            if (DB::table('checkpoint_mails')->where('user_id', $auditor->id)->where('day', $day)->exists()) {
                continue;
            }
            // What may have been taken counts as taken: the next day brings another.
            if (in_array($this->smtp->send($this->mail($auditor, $note, $day))->kind, [OutcomeKind::Accepted, OutcomeKind::Unknown], true)) {
                DB::table('checkpoint_mails')->insertOrIgnore(
                    ['user_id' => $auditor->id, 'day' => $day, 'sent_at' => Instants::write($this->clock->instant())]
                );
                $sent++;
            }
        }

        return $sent;
    }

    private function mail(User $auditor, string $note, string $day): Email
    {
        $keys = implode("\n", array_map(static fn (VerifyingKey $key): string => $key->text(), $this->keys->keyRing()->keys()));
        $from = config()->string('juramen.mail.from');

        return (new Email)->from(new Address($from, 'Juramen'))->to(new Address($auditor->email, $auditor->name))
            ->subject("Checkpoint of the consent ledger, $day")
            ->text(
                "Please keep this. With it, \"php artisan ledger:verify --against=FILE\" shows whether anything before it was rewritten.\n\n"
                ."$note\nKeys it may be signed with:\n$keys\n"
            );
    }
}
