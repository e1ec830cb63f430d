<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Register\RecordName;
use Juramen\Register\Registered;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Some;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Texts;

/** One piece of consent wording: one purpose, one or more channels, in one or more languages. */
final readonly class Statement implements Registered
{
    /** The longest text of one, in characters. */
    public const LONGEST = 5000;

    /**
     * @param  Slug  $id  such as "voyage-news"
     * @param  Slug  $purpose  that it asks for
     * @param  list<Channel>  $channels
     * @param  Texts  $texts  limited markup (see Markup), in the register with placeholders, on a sheet without
     * @param  Digest|null  $template  of the approved edition whose placeholders were filled to make it; null in the register
     */
    private function __construct(public Slug $id, public Slug $purpose, public array $channels, public Texts $texts, private ?Digest $template = null) {}

    public static function from(Document $document): self
    {
        return new self(
            Slug::parse($document->text('id')), Slug::parse($document->text('purpose')),
            array_values(array_filter(array_map(Channel::tryFrom(...), $document->names('channels')))),
            Texts::from($document->at('texts')), $document->text('edition') === '' ? null : Digest::fromHex($document->text('edition')),
        );
    }

    public static function schema(): Schema
    {
        return new Schema(Writer::Editor, [
            new Member('id', 'the statement\'s short name', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('purpose', 'the purpose', new Text(60, TextForm::Slug, needed: true), redraws: true, needed: true),
            new Member('channels', 'channels', new Some(array_column(Channel::cases(), 'value'), needed: true), redraws: true, needed: true),
            new Member('texts', 'the words', new Item),
            new Member('texts/{language}', 'the words', new Text(self::LONGEST, TextForm::Paragraphs), mayGo: true),
        ]);
    }

    public function withTexts(Texts $texts): self
    {
        return new self($this->id, $this->purpose, $this->channels, $texts, $this->template);
    }

    /** As it stands on a sheet: made of that approved edition. */
    public function madeOf(Digest $edition): self
    {
        return new self($this->id, $this->purpose, $this->channels, $this->texts, $edition);
    }

    /** Whether these words come from an approved edition. */
    public function isApproved(): bool
    {
        return $this->template !== null;
    }

    public function asksBy(Channel $channel): bool
    {
        return in_array($channel, $this->channels, true);
    }

    /** Whether it reaches people by their number, which waits until that number is confirmed. */
    public function asksByNumber(): bool
    {
        return array_filter($this->channels, static fn (Channel $c): bool => $c->isByNumber()) !== [];
    }

    /** Its words in a language, as a reader takes them in. */
    public function words(Language $language): string
    {
        return Markup::words($this->texts->orNothing($language));
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::Statement, $this->id);
    }

    public function title(): string
    {
        return ucfirst(str_replace('-', ' ', $this->id->text));
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->id->text,
            'purpose' => $this->purpose->text,
            'channels' => array_map(static fn (Channel $c): string => $c->value, $this->channels),
            'texts' => $this->texts->toArray(),
            ...($this->template === null ? [] : ['edition' => $this->template->hex()]),
        ]);
    }

    /** The name of the edition of these words: what a consent entry refers to. */
    public function edition(): Digest
    {
        return $this->template ?? Digest::of($this->document()->json());
    }
}
