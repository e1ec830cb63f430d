<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Delivery\Deliveries;
use App\Casts\Instants;
use App\Models\DeliveryKind;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\HeldContent;
use App\Models\RegisteredController;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;

/**
 * Keeps what a person wanted besides any consent, encrypted, and lays out the mails that bring it to whoever answers it and tell the sender
 * that it has arrived: whatever was ticked, and whatever becomes of a consent.
 */
final class KeepEnquiry
{
    /** Acknowledgements to one address within a day: anybody can type an address, and nobody is to be flooded by that. */
    private const ACKNOWLEDGED = 3;

    public function __construct(private readonly KeyStore $keys, private readonly Deliveries $deliveries, private readonly SystemClock $clock) {}

    /**
     * Inside the transaction that takes the submission.
     *
     * @param  bool  $doubtful  whether screening took it for a program's: it reaches the team all the same, and nobody gets word of it
     */
    public function __invoke(Signup $signup, bool $doubtful = false): void
    {
        $controller = $signup->edition->controller->id->text;
        $lookup = $this->keys->lookup($controller, 'email', $signup->email->lookup());
        $enquiry = Enquiry::query()->create([
            'id' => Id::random(),
            'point_edition_id' => $signup->editionId(),
            'controller_id' => RegisteredController::query()->where('slug', $controller)->valueOrFail('id'),
            'lookup' => $lookup,
            'language' => $signup->language,
            'content' => HeldContent::enquiry($signup->email->text, $signup->values),
            'received_at' => $signup->occurred,
            'state' => EnquiryState::Open,
            'doubtful' => $doubtful,
            'recipients' => $signup->recipients,
        ]);
        foreach ($signup->recipients as $recipient) {
            $this->deliveries->aboutEnquiry($enquiry, DeliveryKind::Enquiry, $recipient);
        }
        $words = $signup->edition->in($signup->language)->mail(DeliveryKind::Acknowledgement->value)->words;
        if (! $doubtful && $words !== [] && $this->sentToday($lookup) <= self::ACKNOWLEDGED) {
            $this->deliveries->aboutEnquiry($enquiry, DeliveryKind::Acknowledgement);
        }
    }

    /** How many enquiries bore the address within a day, this one among them. */
    private function sentToday(Digest $lookup): int
    {
        return Enquiry::query()->where('lookup', $lookup->bytes)->where('received_at', '>', Instants::write($this->clock->instant()->plusDays(-1)))->count();
    }
}
