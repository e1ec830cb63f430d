<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Juramen\Canon\Id;
use Juramen\Canon\MacRing;
use Juramen\Consent\ReturnPath;
use ZBateson\MailMimeParser\Header\AddressHeader;
use ZBateson\MailMimeParser\IMessage;
use ZBateson\MailMimeParser\Message;

/**
 * A report of what became of a mail (RFC 3464), as the mail server hands it over. Whatever is no such report, or came to no return path of
 * ours, says nothing.
 */
final readonly class ReturnedMail
{
    /** Where the address to which it came can stand. */
    private const CAME_TO = ['To', 'Delivered-To', 'X-Original-To', 'Envelope-To'];

    private function __construct(public ?Id $journey, public bool $failed) {}

    /** @param  string  $raw  the message, RFC 5322 */
    public static function read(string $raw, MacRing $keys): self
    {
        $message = Message::from($raw, false);

        return new self(self::journey($message, $keys), self::failed($message));
    }

    private static function journey(IMessage $message, MacRing $keys): ?Id
    {
        foreach (self::CAME_TO as $name) {
            $header = $message->getHeader($name);
            $addresses = $header instanceof AddressHeader ? array_map(static fn ($a): string => $a->getEmail(), $header->getAddresses())
                : [trim((string) $header?->getValue())];
            foreach ($addresses as $address) {
                $journey = ReturnPath::open($address, $keys);
                if ($journey !== null) {
                    return $journey;
                }
            }
        }

        return null;
    }

    /** Whether it says that the mail will never be delivered: a delay is none, nor is a delivery elsewhere. */
    private static function failed(IMessage $message): bool
    {
        foreach ($message->getAllParts() as $part) {
            if (strtolower((string) $part->getContentType()) !== 'message/delivery-status') {
                continue;
            }
            $blocks = preg_split('/\R\s*\R/', trim((string) $part->getContent())) ?: [];
            foreach ($blocks as $block) {
                if (preg_match('/^Action:\s*failed\b/im', $block) === 1 && preg_match('/^Status:\s*5\.\d{1,3}\.\d{1,3}\b/im', $block) === 1) {
                    return true;
                }
            }
        }

        return false;
    }
}
