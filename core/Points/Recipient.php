<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Language;

/** Somebody to whom what people want with a form goes at once, apart from any consent. */
final readonly class Recipient
{
    /**
     * @param  string  $address  empty where nobody has written it yet
     * @param  bool  $whole  whether the mail says what was sent; else it says only that something was, with a link to it
     * @param  Condition|null  $when  it goes there; null where always
     * @param  list<Language>  $languages  in which it was sent; none where in any
     */
    private function __construct(public Slug $id, public string $address, public bool $whole, public ?Condition $when, public array $languages) {}

    /** @param  Document  $item  one of a sheet's "recipients" */
    public static function from(Document $item): self
    {
        return new self(
            Slug::parse($item->text('id')), trim($item->text('address')), $item->flag('whole') === true, Condition::from($item->part('when')),
            array_values(array_filter(array_map(Language::tryFrom(...), $item->names('languages'))))
        );
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
            'id' => $this->id->text, 'address' => $this->address, 'whole' => $this->whole,
            ...($this->when === null ? [] : ['when' => $this->when->document()->toArray()]),
            ...($this->languages === [] ? [] : ['languages' => array_map(static fn (Language $l): string => $l->value, $this->languages)]),
        ]);
    }
}
