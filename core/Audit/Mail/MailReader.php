<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

use DOMElement;
use Juramen\Audit\Html\Encoding;
use Juramen\Audit\Html\Lines;
use Juramen\Audit\Html\Page;
use Juramen\Audit\Html\UnreadableHtml;
use ZBateson\MailMimeParser\Header\AddressHeader;
use ZBateson\MailMimeParser\IMessage;
use ZBateson\MailMimeParser\Message;
use ZBateson\MailMimeParser\Message\IMessagePart;
use ZBateson\MailMimeParser\Message\IMimePart;

/** Reads a mail (RFC 5322) into what is judged of it. Addresses of whoever it was sent to, and what makes links theirs, are left out. */
final class MailReader
{
    private const LARGEST = 2_000_000;

    /** What in a path or query makes a link somebody's own: long runs of characters that nobody types. */
    private const OWN = '~(?=[A-Za-z0-9_.%=-]*\d)[A-Za-z0-9_.%=-]{16,}~';

    /** @throws UnreadableMail where it is none */
    public static function read(string $bytes): SentMail
    {
        if (strlen($bytes) > self::LARGEST) {
            throw new UnreadableMail('It is larger than 2 MB; give the mail without what is attached.');
        }
        $mail = self::enclosed(Message::from($bytes, false));
        $from = $mail->getHeader('From');
        if (! $from instanceof AddressHeader || $from->getEmail() === '') {
            throw new UnreadableMail('It has no sender, so it is no mail; save the mail as a file (.eml) and give that.');
        }
        $reply = $mail->getHeader('Reply-To');
        [$text, $links] = self::body($mail);
        if ($text === '' && $links === []) {
            throw new UnreadableMail('There are no words in it; save the whole mail as a file (.eml) and give that.');
        }
        $readers = Readers::of($mail);
        $without = static fn (string $words): string => $readers->leftOutOf(self::plain($words));

        return new SentMail(
            (string) $from->getPersonName(), $from->getEmail(), $reply instanceof AddressHeader ? $reply->getEmail() : '',
            $without((string) $mail->getHeaderValue('Subject')), $without($text),
            array_map(static fn (MailLink $l): MailLink => new MailLink($without($l->text), $without($l->href)), $links),
            $mail->getHeader('List-Unsubscribe') !== null
        );
    }

    /** A mail that is passed on with another enclosed in it stands for that one. */
    private static function enclosed(IMessage $mail): IMessage
    {
        $enclosed = $mail->getAllParts(static fn (IMessagePart $part): bool => strtolower((string) $part->getContentType()) === 'message/rfc822');
        $bytes = count($enclosed) === 1 ? (string) $enclosed[0]->getBinaryContentStream() : '';

        return $bytes === '' ? $mail : Message::from($bytes, false);
    }

    /** Its HTML in UTF-8; where its head does not say how it is written, as a page says it. */
    private static function html(IMessage $mail): string
    {
        $part = $mail->getHtmlPart();
        $isSaid = ! $part instanceof IMimePart || $part->getHeaderParameter('Content-Type', 'charset') !== null;

        return $part === null || $isSaid ? (string) $mail->getHtmlContent() : Encoding::toUtf8((string) $part->getBinaryContentStream());
    }

    /** @return array{string, list<MailLink>} */
    private static function body(IMessage $mail): array
    {
        $html = self::html($mail);
        if (trim($html) === '') {
            $text = (string) $mail->getTextContent();
            preg_match_all('~https?://[^\s<>"]+~', $text, $m);

            return [trim($text), array_map(static fn (string $href): MailLink => new MailLink('', $href), $m[0])];
        }
        try {
            // What it says of how it was written is about what was sent.
            $page = Page::read("\xEF\xBB\xBF".$html);
        } catch (UnreadableHtml $e) {
            throw new UnreadableMail($e->getMessage());
        }
        $links = array_map(static fn (DOMElement $a): MailLink => new MailLink($page->text($a), $a->getAttribute('href')), $page->named(['a']));
        $text = Lines::tidy($page->text($page->body())."\n".self::preview($page));

        return [$text, array_values(array_filter($links, static fn (MailLink $l): bool => $l->href !== ''))];
    }

    /** What nobody sees in the mail and everybody beside its subject, in the list of mails. */
    private static function preview(Page $page): string
    {
        $hidden = array_filter($page->named(['div', 'span', 'p', 'td']), $page->isHidden(...));

        return implode("\n", array_map(static fn (DOMElement $e): string => $e->textContent, $hidden));
    }

    private static function plain(string $words): string
    {
        return (string) preg_replace(self::OWN, MailLink::LEFT_OUT, $words);
    }
}
