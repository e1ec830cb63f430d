<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\OneOf;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Some;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Schema\YesNo;

/** A group of people whom a controller reaches for one purpose by one channel: whoever may be reached so comes onto it by its rule. */
final readonly class ContactList implements Registered
{
    /**
     * @param  string  $name  for the office; never reaches a mail
     * @param  Texts  $publicName  what subscribers know it as
     * @param  bool  $confirmed  whether only those are on it who have confirmed
     * @param  list<Slug>  $statements  one of which they said yes to; none where it may be any that asks for the purpose by the channel
     * @param  list<Slug>  $points  at one of which they did; none for any
     * @param  list<Language>  $languages  in which they did; none for any
     */
    private function __construct(
        public Slug $id, public Slug $controller, public Slug $purpose, public Channel $channel, public string $name, public Texts $publicName,
        public bool $confirmed, public array $statements, public array $points, public array $languages
    ) {}

    public static function from(Document $document): self
    {
        return new self(
            Slug::parse($document->text('id')), Slug::parse($document->text('controller')), Slug::parse($document->text('purpose')),
            Channel::tryFrom($document->text('channel')) ?? Channel::Email, $document->text('name'), Texts::from($document->at('public-name')),
            $document->flag('confirmed') !== false, array_map(Slug::parse(...), $document->names('statements')),
            array_map(Slug::parse(...), $document->names('points')),
            array_values(array_filter(array_map(Language::tryFrom(...), $document->names('languages')))),
        );
    }

    public static function schema(): Schema
    {
        return new Schema(Writer::Officer, [
            new Member('id', 'the short name', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('controller', 'the controller', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('purpose', 'the purpose', new Text(60, TextForm::Slug, needed: true), redraws: true, needed: true),
            new Member('channel', 'the channel', new OneOf(array_column(Channel::cases(), 'value')), redraws: true, needed: true),
            new Member('name', 'the name', new Text(100, needed: true), needed: true),
            new Member('public-name', 'the name that subscribers see', new Item),
            new Member('public-name/{language}', 'the name that subscribers see', new Text(100)),
            new Member('confirmed', 'whether everybody on it has confirmed', new YesNo, redraws: true),
            new Member('statements', 'the statements', new Some(TextForm::Slug), redraws: true),
            new Member('points', 'the signup points', new Some(TextForm::Slug), redraws: true),
            new Member('languages', 'the languages', new Some(array_column(Language::cases(), 'value')), redraws: true),
        ]);
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::ContactList, $this->id);
    }

    public function title(): string
    {
        return $this->name;
    }

    /** What a subscriber is told that it is called; its purpose's name where nothing was written. */
    public function calledIn(Language $language, Purpose $purpose): string
    {
        return $this->publicName->orNothing($language) ?: ($this->publicName->model() ?: ($purpose->names->orNothing($language) ?: $purpose->title()));
    }

    public function document(): Document
    {
        $names = static fn (Slug $s): string => $s->text;

        return Document::from([
            'id' => $this->id->text, 'controller' => $this->controller->text, 'purpose' => $this->purpose->text, 'channel' => $this->channel->value,
            'name' => $this->name, 'public-name' => $this->publicName->toArray(), 'confirmed' => $this->confirmed,
            'statements' => array_map($names, $this->statements), 'points' => array_map($names, $this->points),
            'languages' => array_map(static fn (Language $l): string => $l->value, $this->languages),
        ]);
    }
}
