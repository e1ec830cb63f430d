<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\Enquiry;
use App\Support\PublishedForms;
use Juramen\Points\PointEdition;
use Symfony\Component\Mime\Email;

/** A mail about something that was sent, from its controller. It has lost its reason where that was deleted. */
abstract class MailAboutEnquiry extends Mail
{
    public function __construct(SmtpSender $smtp, private readonly PublishedForms $published)
    {
        parent::__construct($smtp);
    }

    final public function compose(Delivery $delivery): ?Email
    {
        $enquiry = $delivery->enquiry();
        if ($enquiry === null) {
            return null;
        }
        $edition = $this->published->edition($enquiry->edition->digest);

        return $this->write($this->beginFrom($delivery, $edition->controller), $delivery, $enquiry, $edition);
    }

    /** Adds to whom it goes and what it says; null where it goes to nobody any more. */
    abstract protected function write(Email $mail, Delivery $delivery, Enquiry $enquiry, PointEdition $edition): ?Email;
}
