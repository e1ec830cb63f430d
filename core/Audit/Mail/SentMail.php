<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Document;

/** The mail that a form of others sends, as far as it is judged: nothing of whoever it was sent to. */
final readonly class SentMail
{
    /**
     * @param  string  $fromName  as it shows; may be empty
     * @param  string  $replyTo  the address that answers reach; empty where there is none
     * @param  string  $text  all that is read in it
     * @param  list<MailLink>  $links  without what makes them somebody's own
     * @param  bool  $leaves  whether its headers let a mail program unsubscribe
     */
    public function __construct(
        public string $fromName, public string $from, public string $replyTo, public string $subject, public string $text, public array $links,
        public bool $leaves
    ) {}

    public static function from(Document $document): self
    {
        return new self(
            $document->text('from-name'), $document->text('from'), $document->text('reply-to'), $document->text('subject'), $document->text('text'),
            array_map(static fn (Document $l): MailLink => new MailLink($l->text('text'), $l->text('href')), $document->items('links')),
            $document->flag('leaves') === true
        );
    }

    public function json(): string
    {
        return CanonicalJson::encode([
            'from-name' => $this->fromName, 'from' => $this->from, 'reply-to' => $this->replyTo, 'subject' => $this->subject, 'text' => $this->text,
            'links' => array_map(static fn (MailLink $l): array => ['text' => $l->text, 'href' => $l->href], $this->links), 'leaves' => $this->leaves,
        ]);
    }

    /** @return list<MailLink> what it asks to be done, each target once */
    public function acts(): array
    {
        $acts = [];
        foreach (array_filter($this->links, static fn (MailLink $l): bool => $l->acts()) as $link) {
            $acts[$link->target()] ??= $link;
        }

        return array_values($acts);
    }

    /** Subject and text together. */
    public function says(): string
    {
        return "$this->subject\n$this->text";
    }
}
