<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\ById;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Slug;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Items;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Schema\YesNo;

/** An outside list service that people on our lists are handed to, over HTTP with a key. The key stands in no record. */
final readonly class Destination implements Registered
{
    /** What stands for a value that is not passed on, on purpose. */
    public const NOT_PASSED = '-';

    /**
     * @param  string  $address  of the service
     * @param  Slug|null  $partner  the processor or recipient who runs it; null where nobody has said
     * @param  bool  $on  whether anybody is handed over
     * @param  ById<ListThere>  $lists
     * @param  ById<MappedValue>  $mapping
     */
    private function __construct(
        public Slug $id, public Slug $controller, public string $name, public string $address, public ?Slug $partner, public bool $on,
        public ById $lists, public ById $mapping
    ) {}

    public static function from(Document $document): self
    {
        $partner = $document->text('partner');
        $mapped = array_map(
            static fn (string $of): MappedValue => new MappedValue($of, trim($document->text(Place::of('mapping', $of)))),
            $document->within(Place::of('mapping'))
        );

        return new self(
            Slug::parse($document->text('id')), Slug::parse($document->text('controller')), $document->text('name'),
            rtrim($document->text('address'), '/'), $partner === '' ? null : Slug::parse($partner), $document->flag('on') === true,
            ById::of(array_map(ListThere::from(...), $document->items('lists')), static fn (ListThere $l): Slug => $l->list),
            ById::of($mapped, static fn (MappedValue $m): string => $m->of),
        );
    }

    public static function schema(): Schema
    {
        return new Schema(Writer::Officer, [
            new Member('id', 'the short name', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('controller', 'the controller', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody, needed: true),
            new Member('name', 'the name', new Text(100, needed: true), needed: true),
            new Member('address', 'the address', new Text(300, TextForm::Link), redraws: true),
            new Member('partner', 'who runs it', new Text(60, TextForm::Slug), redraws: true),
            new Member('on', 'whether it is switched on', new YesNo, redraws: true),
            new Member('lists', 'lists', new Items, redraws: true),
            new Member('lists/{item}', 'the list {item}', new Item, redraws: true, mayGo: true),
            new Member('lists/{item}/id', 'the list', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody),
            new Member('lists/{item}/group', 'the group for {item}', new Text(100), redraws: true),
            new Member('lists/{item}/mark', 'the mark for {item}', new Text(60)),
            new Member('lists/{item}/starts', 'what the mark for {item} starts', new Text(60, TextForm::Slug), redraws: true),
            new Member('mapping', 'what is passed on', new Item),
            new Member('mapping/{item}', 'where {item} goes', new Text(100), redraws: true, mayGo: true),
        ]);
    }

    /** The name of the field there into which a value goes; null where it does not go over. */
    public function field(string $value): ?string
    {
        $to = $this->mapping->get($value)->to ?? '';

        return $to === '' || $to === self::NOT_PASSED ? null : $to;
    }

    /** Whether somebody has said of a value where it goes, or that it does not. */
    public function saysOf(string $value): bool
    {
        return ($this->mapping->get($value)->to ?? '') !== '';
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::Destination, $this->id);
    }

    public function title(): string
    {
        return $this->name;
    }

    public function document(): Document
    {
        $mapping = [];
        foreach ($this->mapping->all() as $mapped) {
            $mapping[$mapped->of] = $mapped->to;
        }

        return Document::from([
            'id' => $this->id->text, 'controller' => $this->controller->text, 'name' => $this->name, 'address' => $this->address,
            'partner' => (string) $this->partner, 'on' => $this->on, 'mapping' => $mapping,
            ...($this->lists->count() === 0 ? []
                : ['lists' => array_map(static fn (ListThere $l): array => $l->document()->toArray(), $this->lists->all())]),
        ]);
    }
}
