<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\ForeignForm;
use App\Models\ForeignMail;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Mail\MailReader;
use Juramen\Audit\Mail\UnreadableMail;
use Juramen\Canon\Refused;

/** Takes the mail that a form from elsewhere sends, to be judged beside it. */
final class TakeMail
{
    public function __construct(private readonly ActLog $log, private readonly SystemClock $clock) {}

    /** @throws Refused where it is no mail that can be read */
    public function __invoke(ForeignForm $form, string $bytes, User $by): void
    {
        try {
            $mail = MailReader::read($bytes);
        } catch (UnreadableMail $e) {
            throw Refused::because(ActRefusal::UnreadablePage, file: 'this file', why: $e->getMessage());
        }
        DB::transaction(function () use ($form, $mail, $by): void {
            ForeignMail::query()->create([
                'foreign_form_id' => $form->id, 'mail' => $mail->json(), 'user_id' => $by->id, 'read_at' => $this->clock->instant(),
            ]);
            $this->log->write($by, ActKind::ReadForm, $form->slug, 'its mail');
        }, 3);
    }
}
