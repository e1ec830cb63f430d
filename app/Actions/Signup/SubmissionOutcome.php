<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Support\SentTicket;
use Juramen\Points\Filling;
use Juramen\Points\FormVersion;
use Juramen\Points\LaidPage;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Register\Channel;

/** What is answered to a submission: taken, or a page of the form with everything that was typed. */
final readonly class SubmissionOutcome
{
    /**
     * @param  bool  $mailed  whether the visitor is to look into an inbox: it hangs on what was ticked alone, never on who is known
     * @param  FormVersion  $version  of the page that is shown
     * @param  SentTicket|null  $ticket  for the page behind the form; null where there is nothing to be sent again or mended
     */
    private function __construct(
        public PointEdition $edition, public ?Filling $again, public int $status, public bool $mailed = false, public ?LaidPage $page = null,
        public ?SentTicket $ticket = null, public FormVersion $version = FormVersion::First,
    ) {}

    public static function taken(Signup $signup): self
    {
        $mailed = array_filter($signup->agreed(), static fn (Said $s): bool => $s->by(Channel::Email)) !== [];
        $numbered = array_filter($signup->agreed(), static fn (Said $s): bool => $s->byNumber()) !== [];
        $asked = ($mailed && $signup->edition->sheet->rules->doubleOptIn) || $numbered;
        $ticket = $asked && $signup->nonce !== null
            ? SentTicket::issue($signup->nonce, $signup->email, $signup->occurred) : null;

        return new self($signup->edition, null, 303, $mailed, ticket: $ticket);
    }

    /** @param  int  $status of the answer: 422 where something must be mended, 503 where we could not save, 200 where another page was wanted */
    public static function again(PointEdition $edition, Filling $filling, LaidPage $page, FormVersion $version, int $status = 422): self
    {
        return new self($edition, $filling, $status, page: $page, version: $version);
    }
}
