<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

use App\Actions\Handover\HandoverDelivery;
use App\Actions\Mailing\AcknowledgementMail;
use App\Actions\Mailing\CheckpointMail;
use App\Actions\Mailing\ConfirmationMail;
use App\Actions\Mailing\DailyCountMail;
use App\Actions\Mailing\EnquiryMail;
use App\Actions\Mailing\EntryMail;
use App\Actions\Mailing\KnownMail;
use App\Actions\Mailing\NumberMessage;
use App\Actions\Mailing\ProofMail;
use App\Actions\Mailing\ReminderMail;
use App\Actions\Mailing\ResentMail;
use App\Actions\Mailing\SenderMail;
use App\Actions\Mailing\WelcomeMail;
use App\Actions\Mailing\WithdrawnMail;
use App\Models\DeliveryKind;
use Illuminate\Contracts\Container\Container;

/** Every kind of delivery with its handler. */
final class DeliveryHandlers
{
    public function __construct(private readonly Container $container) {}

    public function for(DeliveryKind $kind): DeliveryHandler
    {
        return $this->container->make(match ($kind) {
            DeliveryKind::Confirmation => ConfirmationMail::class,
            DeliveryKind::Reminder => ReminderMail::class,
            DeliveryKind::Resent => ResentMail::class,
            DeliveryKind::NumberConfirmation => NumberMessage::class,
            DeliveryKind::Welcome => WelcomeMail::class,
            DeliveryKind::Choices, DeliveryKind::Details, DeliveryKind::NoChosen => KnownMail::class,
            DeliveryKind::Withdrawn => WithdrawnMail::class,
            DeliveryKind::Enquiry => EnquiryMail::class,
            DeliveryKind::Handover => HandoverDelivery::class,
            DeliveryKind::DailyCount => DailyCountMail::class,
            DeliveryKind::Acknowledgement => AcknowledgementMail::class,
            DeliveryKind::Checkpoint => CheckpointMail::class,
            DeliveryKind::Proof => ProofMail::class,
            DeliveryKind::Sender => SenderMail::class,
            DeliveryKind::Invitation, DeliveryKind::Password => EntryMail::class,
        });
    }
}
