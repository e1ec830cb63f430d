<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Day;
use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Some;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Schema\YesNo;

/** An outside party that gets contact details: for us under a contract (GDPR Art. 28), or for its own use (Art. 4(9), 13(1)(e)). */
final readonly class Processor implements Registered
{
    /**
     * @param  string  $name  as people are told it
     * @param  bool  $own  whether it uses the details for itself (a recipient); else it works for us
     * @param  list<Slug>  $purposes  for which it gets details
     * @param  string  $contract  which contract, with its date; empty where there is none on record
     * @param  Country|null  $country  where it keeps the details; null where nobody has said
     * @param  string  $transfer  the ground of a transfer outside the EEA (GDPR Art. 44 to 49); may be empty inside
     * @param  Day|null  $until  last day of the contract; null where it has none
     */
    private function __construct(
        public Slug $id,
        public string $name,
        public Slug $controller,
        public bool $own,
        public array $purposes,
        public string $does,
        public string $contract,
        public ?Country $country,
        public string $transfer,
        public ?Day $until,
    ) {}

    public static function from(Document $document): self
    {
        return new self(
            Slug::parse($document->text('id')), $document->text('name'), Slug::parse($document->text('controller')), $document->flag('own') === true,
            array_map(Slug::parse(...), $document->names('purposes')), $document->text('does'), $document->text('contract'),
            Country::find($document->text('country')), $document->text('transfer'),
            $document->text('until') === '' ? null : Day::parse($document->text('until')),
        );
    }

    public static function schema(): Schema
    {
        return new Schema(Writer::Officer, [
            new Member('id', 'the short name', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('controller', 'the controller', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('name', 'the name', new Text(100, needed: true), needed: true),
            new Member('own', 'whether it uses the details for itself', new YesNo, redraws: true),
            new Member('purposes', 'purposes', new Some(TextForm::Slug), redraws: true),
            new Member('does', 'what it does', new Text(300)),
            new Member('contract', 'the contract', new Text(300), redraws: true),
            new Member('country', 'the country where it keeps the details', new Text(2, TextForm::Country), redraws: true),
            new Member('transfer', 'the ground of the transfer', new Text(300)),
            new Member('until', 'the last day of the contract', new Text(10, TextForm::Day), redraws: true),
        ]);
    }

    public function gets(Slug $purpose): bool
    {
        return array_filter($this->purposes, $purpose->equals(...)) !== [];
    }

    /** @return list<string> what the record lacks, each in a sentence. Source: GDPR Art. 28(3), 44 to 49 */
    public function lacks(Day $today): array
    {
        return array_values(array_filter([
            trim($this->contract) === '' ? ($this->own ? 'No agreement with it is on record.' : 'No contract with it is on record.') : null,
            $this->country === null ? 'Nobody has said where it keeps the details.' : null,
            $this->country?->needsNoTransferGround() === false
                && trim($this->transfer) === '' ? 'It keeps them outside the EEA, and no ground of the transfer is on record.' : null,
            $this->until !== null && $today->isAfter($this->until) ? "Its contract ended on {$this->until}." : null,
        ]));
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::Processor, $this->id);
    }

    public function title(): string
    {
        return $this->name;
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->id->text, 'name' => $this->name, 'controller' => $this->controller->text, 'own' => $this->own,
            'purposes' => array_map(static fn (Slug $p): string => $p->text, $this->purposes), 'does' => $this->does, 'contract' => $this->contract,
            'country' => (string) $this->country, 'transfer' => $this->transfer, 'until' => (string) $this->until,
        ]);
    }
}
