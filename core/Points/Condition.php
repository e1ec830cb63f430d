<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;

/** Something on a form is shown while a field is answered in one of these ways, and also while it is not answered at all. */
final readonly class Condition
{
    /** @param  list<string>  $answers  ids; none where nobody has said which */
    private function __construct(public Slug $field, public array $answers) {}

    /** @param  Document  $when  of a field or statement; null where it names no field */
    public static function from(Document $when): ?self
    {
        $field = $when->text('field');

        return $field === '' ? null : new self(Slug::parse($field), $when->names('answers'));
    }

    public function document(): Document
    {
        return Document::from(['field' => $this->field->text, 'answers' => $this->answers]);
    }
}
