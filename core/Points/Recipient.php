<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Language;

/** Somebody who answers what people want with a form, apart from any consent: it goes there at once, or is counted there once a day. */
final readonly class Recipient
{
    /**
     * @param  string  $address  empty where nobody has written it yet
     * @param  Condition|null  $when  it goes there; null where always
     * @param  list<Language>  $languages  in which it was sent; none where in any
     */
    private function __construct(
        public Slug $id, public string $address, public RecipientGets $gets, public ?Condition $when, public array $languages
    ) {}

    /** @param  Document  $item  one of a sheet's "recipients" */
    public static function from(Document $item): self
    {
        // Before a day could be counted, it was the whole or not.
        $before = $item->flag('whole') === true ? RecipientGets::Whole : RecipientGets::Notice;

        return new self(
            Slug::parse($item->text('id')), trim($item->text('address')), RecipientGets::tryFrom($item->text('gets')) ?? $before,
            Condition::from($item->part('when')), array_values(array_filter(array_map(Language::tryFrom(...), $item->names('languages'))))
        );
    }

    /**
     * One of several by its id; null where it is none of them.
     *
     * @param  list<self>  $recipients
     */
    public static function among(array $recipients, string $id): ?self
    {
        return array_values(array_filter($recipients, static fn (self $r): bool => $r->id->text === $id))[0] ?? null;
    }

    /**
     * Whether what was sent goes there. Where the answer on which it hangs was not given, it does: better twice than lost.
     *
     * @param  list<Field>  $fields  of the form
     */
    public function gets(array $fields, Typed $typed): bool
    {
        if ($this->address === '' || ($this->languages !== [] && ! in_array($typed->language, $this->languages, true))) {
            return false;
        }
        foreach ($fields as $field) {
            if ($this->when !== null && $field->id->equals($this->when->field) && $field->kind instanceof Governs) {
                $chosen = $field->kind->chosen($field, $typed);

                return $chosen === [] || $this->when->answers === [] || array_intersect($chosen, $this->when->answers) !== [];
            }
        }

        return true;
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->id->text, 'address' => $this->address, 'gets' => $this->gets->value,
            ...($this->when === null ? [] : ['when' => $this->when->document()->toArray()]),
            ...($this->languages === [] ? [] : ['languages' => array_map(static fn (Language $l): string => $l->value, $this->languages)]),
        ]);
    }
}
