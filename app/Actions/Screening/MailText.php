<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use Throwable;
use ZBateson\MailMimeParser\MailMimeParser;

/** What a mail says: its subject and body, as text and as markup, and nothing of its other headers, which would tell where it came from. */
final class MailText
{
    private readonly MailMimeParser $parser;

    public function __construct()
    {
        $this->parser = new MailMimeParser;
    }

    /** @param  string  $mail  as it came, with or without the line that mailboxes put before it */
    public function of(string $mail): string
    {
        $mail = self::known((string) preg_replace('/\AFrom [^\n]*\n/', '', $mail));
        try {
            $parsed = $this->parser->parse($mail, false);
            [$text, $html] = [$parsed->getTextContent(), $parsed->getHtmlContent()];
            $body = $text === null && $html === null ? (string) $parsed->getContent() : "$text\n$html";

            // The tag of a mailing list stands in a subject without anybody's having written it.
            $subject = (string) preg_replace('/\[[^\]\n]{1,40}\]/', '', (string) $parsed->getHeaderValue('Subject'));

            return mb_scrub("$subject\n$body", 'UTF-8');
        } catch (Throwable) {
            // Damaged beyond parsing: what follows the headers is read as it stands.
            return mb_scrub((string) preg_replace('/\A.*?\r?\n\r?\n/s', '', $mail), 'UTF-8');
        }
    }

    /** Character sets that nobody knows are read as Western text. */
    private static function known(string $mail): string
    {
        return (string) preg_replace_callback(
            '/\b(charset\s*=\s*"?)([A-Za-z0-9._:-]{1,40})/i',
            static fn (array $m): string => $m[1].(@iconv($m[2], 'UTF-8', 'a') === false ? 'windows-1252' : $m[2]), $mail
        );
    }
}
