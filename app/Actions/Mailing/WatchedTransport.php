<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Symfony\Component\Mailer\Transport\Smtp\EsmtpTransport;

/** An SMTP connection that remembers whether a mail was handed over whole, so that its outcome can be told apart. */
final class WatchedTransport extends EsmtpTransport
{
    private const END_OF_DATA = "\r\n.\r\n";

    /** Whether the server was told of this mail at all; what it says before is about itself. */
    public bool $begun = false;

    /** From the moment the end of a mail's data is sent, the server may have taken it. */
    public bool $handedOver = false;

    /** Another mail, of which the server knows nothing yet. */
    public function begins(): void
    {
        $this->begun = false;
        $this->handedOver = false;
    }

    public function executeCommand(string $command, array $codes): string
    {
        if (str_starts_with($command, 'MAIL FROM:')) {
            $this->begun = true;
        }
        if ($command === self::END_OF_DATA) {
            $this->handedOver = true;
        }

        return parent::executeCommand($command, $codes);
    }
}
