<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\ById;
use Juramen\Canon\Slug;
use Juramen\Register\Channel;
use Juramen\Register\ContactList;
use Juramen\Register\Rule;
use Juramen\Wording\Statement;

/** A list's rule, seen with the registers and the forms: who comes onto it by which words, and what of it cannot be. */
final readonly class ListRule
{
    /** @param  list<SheetDraft>  $sheets  all signup points */
    public function __construct(private ContactList $list, private Registers $registers, private array $sheets) {}

    /** @return ById<Statement> by a yes to which people come onto it */
    public function statements(): ById
    {
        $chosen = array_map(static fn (Slug $s): string => $s->text, $this->list->statements);

        return $this->fitting()->filter(static fn (Statement $s): bool => $chosen === [] || in_array($s->id->text, $chosen, true));
    }

    /** @return ById<Statement> that ask for its purpose by its channel */
    public function fitting(): ById
    {
        return $this->registers->statements->filter(
            fn (Statement $s): bool => $s->purpose->equals($this->list->purpose) && $s->asksBy($this->list->channel)
        );
    }

    /** @return list<SheetDraft> at which people come onto it; what lives on another system leads to none of ours */
    public function points(): array
    {
        $statements = $this->statements();
        $chosen = array_map(static fn (Slug $s): string => $s->text, $this->list->points);

        return array_values(array_filter($this->sheets, static fn (SheetDraft $d): bool => $d->elsewhere === ''
            && ($chosen === [] || in_array($d->point->text, $chosen, true))
            && array_filter($d->controls, static fn (Control $c): bool => $statements->has($c->statement)) !== []));
    }

    /** @return list<string> what breaks its purpose, its channel or its confirmation, each in a sentence; with any it is not approved */
    public function faults(): array
    {
        $purpose = $this->registers->purposes->get($this->list->purpose);
        if ($purpose === null) {
            return ["There is no purpose “{$this->list->purpose->spoken()}” any more: say what this list is for."];
        }
        $faults = $purpose->controller->equals($this->list->controller) ? []
            : ["“{$purpose->title()}” is a purpose of another controller: choose one of this controller's."];
        foreach ($this->list->statements as $id) {
            $faults[] = $this->faultOf($id, $purpose->title());
        }
        if ($this->list->confirmed && $this->list->channel === Channel::Post) {
            $faults[] = 'Post holds when it is agreed to, and nobody confirms it: let everybody who agreed onto this list.';
        }
        foreach ($this->list->points === [] ? [] : $this->neverConfirming() as $point) {
            $faults[] = "On “{$point->name}” nobody confirms, and this list takes only those who have: "
                .'leave that point out of the rule, or have people confirm there.';
        }

        return array_values(array_filter($faults));
    }

    /** @return list<string> what is as it may be, and may still not be meant */
    public function remarks(): array
    {
        return [
            ...$this->list->points !== [] ? [] : array_map(
                static fn (SheetDraft $d): string => "Nobody comes onto it from “{$d->name}”, where nobody confirms.", $this->neverConfirming()
            ),
            ...$this->points() !== [] ? [] : ['No form asks for what leads to it, so nobody comes onto it.'],
        ];
    }

    private function faultOf(Slug $id, string $purpose): ?string
    {
        $statement = $this->registers->statements->get($id);
        $asked = $statement === null ? null : $this->registers->purposes->get($statement->purpose)?->title() ?? $statement->purpose->spoken();

        return match (true) {
            $statement === null => "There is no statement “{$id->spoken()}” any more: take it out of the rule.",
            ! $statement->purpose->equals($this->list->purpose) => "“{$statement->title()}” asks for $asked, and this list is for $purpose: a yes to the one is "
                .'none to the other. Take it out of the rule.',
            ! $statement->asksBy($this->list->channel) => "“{$statement->title()}” does not ask by {$this->list->channel->value}, so nobody who says yes to it "
                .'may be reached so. Take it out of the rule.',
            default => null,
        };
    }

    /** @return list<SheetDraft> points of the rule at which an address is not confirmed, where this list asks for it */
    private function neverConfirming(): array
    {
        if (! $this->list->confirmed || $this->list->channel !== Channel::Email) {
            return [];
        }

        return array_values(array_filter($this->points(), fn (SheetDraft $d): bool => array_filter(
            $this->registers->applied($d), static fn ($rule): bool => $rule->rule === Rule::DoubleOptIn && $rule->value === false
        ) !== []));
    }
}
