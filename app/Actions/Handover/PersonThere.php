<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use Juramen\Canon\ById;
use Juramen\Canon\Document;
use Juramen\Points\FilledField;

/** What a destination is told of one person in one of its groups. */
final readonly class PersonThere
{
    /**
     * @param  string  $key  by which it knows the person, made for it alone
     * @param  string  $group  its own id of the group
     * @param  ById<FilledField>  $fields
     * @param  string  $confirmed  when they confirmed, RFC 3339; empty where it holds as given
     */
    public function __construct(
        public string $key, public string $group, public string $address, public ById $fields, public string $mark = '', public string $confirmed = ''
    ) {}

    public function document(): Document
    {
        $fields = [];
        foreach ($this->fields->all() as $field) {
            $fields[$field->name] = $field->value;
        }

        return Document::from([
            'address' => $this->address, 'fields' => $fields, ...$this->mark === '' ? [] : ['mark' => $this->mark],
            ...$this->confirmed === '' ? [] : ['confirmed' => $this->confirmed],
        ]);
    }
}
