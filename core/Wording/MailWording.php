<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\ById;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Register\RecordName;
use Juramen\Register\Registered;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\OneOf;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Texts;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass;

/** How one controller words one of its mails, in one or more languages. A part that says nothing stays in our own words. */
final readonly class MailWording implements Registered
{
    /**
     * @param  ById<Texts>  $parts  by the part
     * @param  Digest|null  $edition  of which it is, where it was approved
     */
    private function __construct(
        public Slug $id, public Slug $controller, public MailKind $kind, private ById $parts, private ?Digest $edition = null
    ) {}

    public static function idOf(Slug $controller, MailKind $kind): Slug
    {
        $whole = "{$controller->text}-{$kind->value}";

        // Of a controller with a long name, what tells it apart.
        return Slug::parse(strlen($whole) <= Slug::LONGEST ? $whole : "$kind->value-".substr(hash('sha256', $controller->text), 0, 12));
    }

    public static function begin(Slug $controller, MailKind $kind): self
    {
        return new self(self::idOf($controller, $kind), $controller, $kind, ById::none());
    }

    public static function from(Document $document): self
    {
        $kind = MailKind::tryFrom($document->text('kind')) ?? throw Refused::because(DraftRefusal::NotADocument);
        $parts = ById::none();
        foreach ($kind->parts() as $part) {
            $parts = $parts->with($part->value, Texts::from($document->at(Place::of('parts', $part->value))));
        }

        return new self(
            Slug::parse($document->text('id')), Slug::parse($document->text('controller')), $kind, $parts,
            $document->text('edition') === '' ? null : Digest::fromHex($document->text('edition'))
        );
    }

    public static function schema(): Schema
    {
        return new Schema(Writer::Editor, [
            new Member('id', 'the mail\'s short name', new Text(100, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('controller', 'the controller', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('kind', 'the kind of mail', new OneOf(array_column(MailKind::cases(), 'value')), writer: Writer::Nobody, needed: true),
            new Member('parts', 'the words', new Item),
            ...array_merge([], ...array_map(static fn (MailPart $p): array => [
                new Member("parts/{$p->value}", lcfirst($p->title()), new Item, mayGo: true),
                new Member("parts/{$p->value}/{language}", lcfirst($p->title()), new MailPartText($p), mayGo: true),
            ], MailPart::cases())),
        ]);
    }

    public function madeOf(Digest $edition): self
    {
        return new self($this->id, $this->controller, $this->kind, $this->parts, $edition);
    }

    /** What it says of a part; empty where it says nothing, and our own words stand. */
    public function words(MailPart $part, Language $language): string
    {
        return trim($this->parts->get($part->value)?->orNothing($language) ?? '');
    }

    /** @return list<Language> in which it says anything */
    public function languages(): array
    {
        return array_values(array_filter(Language::cases(), fn (Language $l): bool => array_filter(
            $this->kind->parts(), fn (MailPart $p): bool => $this->words($p, $l) !== ''
        ) !== []));
    }

    /**
     * What reads like advertising in a mail that is sent for something else, each in a sentence.
     * Source: BGH, 15 December 2015, VI ZR 134/15 (mails that answer); ePrivacy Directive Art. 13(1) (mails before anybody has agreed)
     *
     * @return list<string>
     */
    public function advertises(): array
    {
        $found = [];
        foreach ($this->kind->isService() ? $this->kind->parts() : [] as $part) {
            foreach ($this->languages() as $language) {
                $words = self::advertisingIn(Passage::of($this->words($part, $language), $language));
                if ($words !== null) {
                    $found[] = "“{$words}” reads like advertising ({$part->title()}, {$language->endonym()}), and this mail is sent to somebody who has "
                        .'agreed to none, or wants something else.';
                }
            }
        }

        return $found;
    }

    /** The first words that offer something; "no advertising" offers nothing. */
    private static function advertisingIn(Passage $passage): ?string
    {
        foreach ($passage->sentences as $sentence) {
            $said = $sentence->has(WordClass::Not, WordClass::NoLonger, WordClass::Without) ? [] : $sentence->said(WordClass::Advertising, WordClass::Price);
            if ($said !== []) {
                return $passage->hitWords($sentence, $said[0])->words;
            }
        }

        return null;
    }

    /** The name of the approved edition of these words; null where they are a draft's. */
    public function edition(): ?Digest
    {
        return $this->edition;
    }

    /** The same in some languages only, and of no edition: what of it is shown. */
    public function only(Language ...$languages): Document
    {
        $parts = [];
        foreach ($this->kind->parts() as $part) {
            $texts = $this->parts->get($part->value)?->only(...$languages)->toArray() ?? [];
            $parts += $texts === [] ? [] : [$part->value => $texts];
        }

        return Document::from(['id' => $this->id->text, 'parts' => $parts]);
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::Mail, $this->id);
    }

    public function title(): string
    {
        return $this->kind->title();
    }

    public function document(): Document
    {
        $parts = [];
        foreach ($this->kind->parts() as $part) {
            $texts = $this->parts->get($part->value)?->toArray() ?? [];
            $parts += $texts === [] ? [] : [$part->value => $texts];
        }

        return Document::from([
            'id' => $this->id->text, 'controller' => $this->controller->text, 'kind' => $this->kind->value, 'parts' => $parts,
            ...($this->edition === null ? [] : ['edition' => $this->edition->hex()]),
        ]);
    }
}
