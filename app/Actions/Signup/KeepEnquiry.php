<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Delivery\Outbox;
use App\Casts\Instants;
use App\Models\DeliveryKind;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\HeldContent;
use App\Models\RegisteredController;
use App\Support\KeyStore;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Points\FormKind;
use Juramen\Points\PointEdition;
use Juramen\Points\Recipient;
use Juramen\Points\RecipientGets;
use Juramen\Register\EmailAddress;

/**
 * Keeps what a person wanted besides any consent, encrypted, and lays out the mails that bring it to whoever answers it and tell the sender
 * that it has arrived: whatever was ticked, and whatever becomes of a consent.
 */
final class KeepEnquiry
{
    /** Acknowledgements to one address within a day: anybody can type an address, and nobody is to be flooded by that. */
    private const ACKNOWLEDGED = 3;

    public function __construct(
        private readonly KeyStore $keys, private readonly Outbox $outbox, private readonly PublishedForms $published,
        private readonly SystemClock $clock
    ) {}

    /**
     * Inside the transaction that takes the submission.
     *
     * @param  bool  $doubtful  whether screening took it for a program's: it reaches the team all the same, and nobody gets word of it
     */
    public function __invoke(Signup $signup, bool $doubtful = false): void
    {
        $controller = $signup->edition->controller->id->text;
        $draft = $signup->edition->sheet->draft;
        $asksNothing = ! $doubtful && self::isAnsweredByGift($signup->edition) && $draft->recipients === [];
        $enquiry = Enquiry::query()->create([
            'id' => Id::random(),
            'point_edition_id' => $signup->editionId(),
            'controller_id' => RegisteredController::query()->where('slug', $controller)->valueOrFail('id'),
            'lookup' => $this->keys->lookup($controller, 'email', $signup->email->lookup()),
            'language' => $signup->language,
            'content' => HeldContent::enquiry($signup->email->text, $signup->values),
            'received_at' => $signup->occurred,
            // A download is answered by the mail that brings it; there is nothing to work on.
            'state' => $asksNothing ? EnquiryState::Closed : EnquiryState::Open,
            'closed_at' => $asksNothing ? $signup->occurred : null,
            'doubtful' => $doubtful,
            'recipients' => $signup->recipients,
            'nonce' => $signup->nonce,
        ]);
        $this->tell($enquiry, $signup->edition);
    }

    /** Whoever sent it mended the address: whoever answers it gets word of that, and the right address the acknowledgement. */
    public function mend(Id $nonce, Id $mended, EmailAddress $email): void
    {
        $enquiry = Enquiry::query()->with('edition')->where('nonce', $nonce->bytes)->lockForUpdate()->first();
        if ($enquiry === null) {
            return;
        }
        $edition = $this->published->edition($enquiry->edition->digest);
        if ($enquiry->state !== EnquiryState::Open && ! self::isAnsweredByGift($edition)) {
            return;
        }
        $enquiry->update([
            'content' => $enquiry->content->to($email->text), 'lookup' => $this->keys->lookup($edition->controller->id->text, 'email', $email->lookup()),
            'nonce' => $mended, 'corrected_at' => $this->clock->instant(),
        ]);
        $this->tell($enquiry, $edition, $mended->hex());
    }

    /** Whether whoever asks has what they asked for with the mail that it arrived. */
    private static function isAnsweredByGift(PointEdition $edition): bool
    {
        $draft = $edition->sheet->draft;

        return $draft->kind === FormKind::Download && $draft->gift?->hasLink() === true && $edition->sheet->rules->giftWithout;
    }

    /** @param  string  $occasion  where it is told again */
    private function tell(Enquiry $enquiry, PointEdition $edition, string $occasion = ''): void
    {
        foreach ($enquiry->recipients as $recipient) {
            // Whoever is told of a day's number hears of each by that.
            if (Recipient::among($edition->sheet->draft->recipients, $recipient)?->gets === RecipientGets::Daily) {
                continue;
            }
            $this->outbox->aboutEnquiry($enquiry, DeliveryKind::Enquiry, $recipient, $occasion);
        }
        $words = $edition->in($enquiry->language)->mail(DeliveryKind::Acknowledgement->value)->words;
        if (! $enquiry->doubtful && $words !== [] && $this->sentToday($enquiry->lookup) <= self::ACKNOWLEDGED) {
            $this->outbox->aboutEnquiry($enquiry, DeliveryKind::Acknowledgement, occasion: $occasion);
        }
    }

    /** How many enquiries bore the address within a day, this one among them. */
    private function sentToday(Digest $lookup): int
    {
        return Enquiry::query()->where('lookup', $lookup->bytes)->where('received_at', '>', Instants::write($this->clock->instant()->plusDays(-1)))->count();
    }
}
