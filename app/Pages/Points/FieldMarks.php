<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\PlaceId;
use App\Pages\Notes\Margin;
use App\Pages\Notes\NoteView;
use Juramen\Points\Field;

/** The numbers of the notes about a field and what is written in it, beside its name. */
final readonly class FieldMarks
{
    /** @param  list<NoteView>  $marks */
    private function __construct(public string $at, public array $marks) {}

    public static function of(Field $field, Margin $margin): self
    {
        return new self(PlaceId::of("fields/$field->id"), $margin->within("fields/$field->id"));
    }
}
