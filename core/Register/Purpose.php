<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Number;
use Juramen\Register\Schema\OneOf;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Schema\YesNo;

/** What a controller uses contact details for, in words that subscribers read. Source of what must be known: GDPR Art. 13(1)(c), 6(1), 13(2)(a). */
final readonly class Purpose implements Registered
{
    /**
     * @param  Slug  $id  such as "voyage-news"
     * @param  Slug  $controller  id of the one controller it belongs to
     * @param  Texts  $names  what subscribers call it: "voyage news"
     * @param  Texts  $contents  what comes: "new sailings and fares"
     * @param  Texts  $rates  how often: "once a month"
     * @param  bool  $measures  whether opens and clicks of its mails are measured
     * @param  int  $refreshMonths  after which consent is asked for again; 0 for the house's period
     * @param  int  $retentionMonths  for which the person's details are kept after the last permission ended; 0 for the house's time
     */
    private function __construct(
        public Slug $id,
        public Slug $controller,
        public Texts $names,
        public Texts $contents,
        public Texts $rates,
        public LegalBasis $basis,
        public bool $measures,
        public int $refreshMonths,
        public int $retentionMonths,
    ) {}

    public static function from(Document $document): self
    {
        return new self(
            Slug::parse($document->text('id')), Slug::parse($document->text('controller')),
            Texts::from($document->at('names')), Texts::from($document->at('contents')), Texts::from($document->at('rates')),
            LegalBasis::tryFrom($document->text('basis')) ?? LegalBasis::Consent, $document->flag('measures') === true,
            $document->number('refresh-months') ?? 0, $document->number('retention-months') ?? 36,
        );
    }

    public static function schema(): Schema
    {
        return new Schema(Writer::Officer, [
            new Member('id', 'the purpose\'s short name', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('controller', 'the controller', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('names', 'the purpose\'s names', new Item),
            new Member('names/{language}', 'the purpose\'s name', new Text(100)),
            new Member('contents', 'what comes', new Item),
            new Member('contents/{language}', 'what comes', new Text(300)),
            new Member('rates', 'how often it comes', new Item),
            new Member('rates/{language}', 'how often it comes', new Text(100)),
            new Member('basis', 'the legal basis', new OneOf(array_column(LegalBasis::cases(), 'value')), redraws: true, needed: true),
            new Member('measures', 'whether opens and clicks are measured', new YesNo, redraws: true),
            new Member('refresh-months', 'the months after which consent is asked for again', new Number(0, 60)),
            new Member('retention-months', 'the months for which details are kept', new Number(0, 120)),
        ]);
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::Purpose, $this->id);
    }

    public function title(): string
    {
        return $this->names->orNothing(Language::English) ?: str_replace('-', ' ', $this->id->text);
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->id->text, 'controller' => $this->controller->text,
            'names' => $this->names->toArray(), 'contents' => $this->contents->toArray(), 'rates' => $this->rates->toArray(),
            'basis' => $this->basis->value, 'measures' => $this->measures,
            'refresh-months' => $this->refreshMonths, 'retention-months' => $this->retentionMonths,
        ]);
    }
}
