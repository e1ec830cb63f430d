<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Channel;
use Juramen\Wording\Statement;

/** How a statement is answered on a form. It never has an answer beforehand. */
final readonly class Control
{
    /**
     * @param  Slug  $statement  that is answered
     * @param  bool  $needed  of a yes or no: whether it must be answered; a no does as well
     * @param  Condition|null  $when  it is shown; null where always
     * @param  string  $page  id of the page on which it stands; empty on the first
     */
    private function __construct(
        public Slug $statement, public ControlKind $kind, public bool $needed, public ?Condition $when, public string $page
    ) {}

    /** @param  Document  $item  one of a sheet's "statements"; before it said how, there were only tick boxes */
    public static function from(Document $item): self
    {
        return new self(
            Slug::parse($item->text('id')), ControlKind::tryFrom($item->text('control')) ?? ControlKind::Tick, $item->flag('needed') === true,
            Condition::from($item->part('when')), $item->text('page'),
        );
    }

    public static function tick(Slug $statement): self
    {
        return new self($statement, ControlKind::Tick, false, null, '');
    }

    /** The name under which a browser sends its answer; it is also the id of its first input. */
    public static function nameOf(Slug|string $statement): string
    {
        return 'yes-'.$statement;
    }

    public function name(): string
    {
        return self::nameOf($this->statement);
    }

    /** Id of the input that says no. */
    public function no(): string
    {
        return 'no-'.$this->statement;
    }

    /** Name and id of the box of a channel. */
    public function box(Channel $channel): string
    {
        return "{$this->name()}-{$channel->value}";
    }

    /** @return non-empty-list<string> names of its inputs */
    public function inputs(Statement $statement): array
    {
        return $this->kind === ControlKind::Channels && $statement->channels !== [] ? array_map($this->box(...), $statement->channels) : [$this->name()];
    }

    /** Whether it must be answered before the form is sent. */
    public function isNeeded(): bool
    {
        return $this->needed && $this->kind === ControlKind::YesNo;
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->statement->text,
            ...($this->kind === ControlKind::Tick ? [] : ['control' => $this->kind->value]),
            ...($this->needed ? ['needed' => true] : []),
            ...($this->when === null ? [] : ['when' => $this->when->document()->toArray()]),
            ...($this->page === '' ? [] : ['page' => $this->page]),
        ]);
    }
}
