<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** A text of some form and length. */
final readonly class Text implements ValueType
{
    /**
     * @param  int  $longest  in characters
     * @param  bool  $needed  whether it may not be empty
     */
    public function __construct(private int $longest, private TextForm $form = TextForm::Line, private bool $needed = false) {}

    public function read(mixed $sent, Place $place, Written $written): string
    {
        return is_string($sent) ? trim(mb_scrub($sent, 'UTF-8')) : '';
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8')) {
            throw Refused::because($value === null ? DraftRefusal::Missing : DraftRefusal::NotText, what: $what);
        }
        if (trim($value) === '') {
            if ($this->needed) {
                throw Refused::because(DraftRefusal::Missing, what: $what);
            }

            return;
        }
        if (mb_strlen($value) > $this->longest) {
            throw Refused::because(DraftRefusal::TooLong, what: $what, most: $this->longest, count: mb_strlen($value));
        }
        $fault = $this->form->fault($value);
        if ($fault !== null) {
            throw Refused::because($fault, what: $what, given: $value);
        }
    }
}
