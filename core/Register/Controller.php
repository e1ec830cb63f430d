<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Slug;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;

/** The legal entity that answers for signup points. Source of what must be known: GDPR Art. 4(7), 13(1)(a). */
final readonly class Controller implements Registered
{
    /**
     * @param  Slug  $id  such as "tidewick-ferries"
     * @param  string  $accent  the house look's colour of buttons, #rrggbb
     * @param  string  $sender  the address that mails come from
     * @param  Texts  $notice  link to the privacy notice, by language
     * @param  Texts  $noticeText  the notice itself, where it is held here; by language
     * @param  string  $dpo  the data protection officer's contact; may be empty (GDPR Art. 37)
     * @param  string  $representative  in the EU or the UK, of a controller outside; may be empty (GDPR Art. 27)
     * @param  Country|null  $country  of its seat; null where nobody has said
     * @param  string  $dkimSelector  under which the key stands with which its mails are signed; empty where nobody has said
     * @param  LookDraft  $look  of the house, besides the accent
     * @param  Texts  $closing  a line with which its mails end; of no language where there is none
     */
    private function __construct(
        public Slug $id,
        public string $name,
        public string $postalAddress,
        public string $contact,
        public string $sender,
        public string $accent,
        public Texts $notice,
        public Texts $noticeText,
        public string $dpo,
        public string $representative,
        public ?Country $country,
        public LookDraft $look,
        public Texts $closing,
        private Document $lookAsWritten,
        public string $dkimSelector = '',
    ) {}

    public static function from(Document $document): self
    {
        return new self(
            Slug::parse($document->text('id')), $document->text('name'), $document->text('postal-address'), $document->text('contact'),
            $document->text('sender'),
            $document->text('accent'), Texts::from($document->at('notice')), Texts::from($document->at('notice-text')),
            trim($document->text('dpo')), trim($document->text('representative')), Country::find($document->text('country')),
            LookDraft::from($document->part('look')), Texts::from($document->at('closing')), $document->part('look'),
            $document->text('dkim-selector'),
        );
    }

    /** What may be written of one; to be approved, it needs an address from which mails come and one at which people reach it. */
    public static function schema(bool $whole = false): Schema
    {
        return new Schema(Writer::Officer, [
            new Member('id', 'the controller\'s short name', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('name', 'the controller\'s name', new Text(100, needed: true), needed: true),
            new Member('postal-address', 'its postal address', new Text(300, needed: true), needed: true),
            new Member('contact', 'the address at which people reach the controller', new Text(254, TextForm::Address, $whole), needed: true),
            new Member('sender', 'the address that mails come from', new Text(254, TextForm::Address, $whole), needed: true),
            new Member('dkim-selector', 'the name of the key with which mails are signed', new Text(63, TextForm::Slug)),
            new Member('accent', 'the colour of buttons', new Text(7, TextForm::Colour, needed: true), redraws: true, needed: true),
            ...array_values(array_filter(LookDraft::ofHouse(), static fn (Member $m): bool => $m->place()?->text() !== 'look/accent')),
            new Member('closing', 'the closing of mails', new Item),
            new Member('closing/{language}', 'the closing of mails', new Text(200), mayGo: true),
            new Member('notice', 'the links to the privacy notice', new Item),
            new Member('notice/{language}', 'a link to the privacy notice', new Text(500, TextForm::Link), mayGo: true),
            new Member('notice-text', 'the privacy notice', new Item),
            new Member('notice-text/{language}', 'the privacy notice', new Text(100_000, TextForm::Paragraphs), mayGo: true),
            new Member('dpo', 'the data protection officer\'s contact', new Text(300)),
            new Member('representative', 'the representative', new Text(300)),
            new Member('country', 'the country of its seat', new Text(2, TextForm::Country), redraws: true),
        ]);
    }

    /** What visitors of a form in these languages see of it: a point is published again where this changed. */
    public function shown(Language ...$languages): Document
    {
        $closing = $this->closing->only(...$languages)->toArray();
        $shown = $this->document()->only('id', 'name', 'postal-address', 'contact', 'sender', 'accent', 'look')
            ->with(Place::of('notice'), $this->notice->only(...$languages)->toArray());

        return $closing === [] ? $shown : $shown->with(Place::of('closing'), $closing);
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::Controller, $this->id);
    }

    public function title(): string
    {
        return $this->name;
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->id->text,
            'name' => $this->name,
            'postal-address' => $this->postalAddress,
            'contact' => $this->contact,
            'sender' => $this->sender,
            'accent' => $this->accent,
            'notice' => $this->notice->toArray(),
            'notice-text' => $this->noticeText->toArray(),
            'dpo' => $this->dpo,
            'representative' => $this->representative,
            'country' => (string) $this->country,
            ...($this->closing->languages() === [] ? [] : ['closing' => $this->closing->toArray()]),
            ...($this->dkimSelector === '' ? [] : ['dkim-selector' => $this->dkimSelector]),
            ...($this->lookAsWritten->toArray() === [] ? [] : ['look' => $this->lookAsWritten->toArray()]),
        ]);
    }
}
