<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Day;
use Juramen\Register\Country;
use Juramen\Register\Language;

/** What was typed into the inputs of a form, with what is needed to read it. */
final readonly class Typed
{
    /**
     * @param  list<FieldValue>  $values  one for each input that was sent
     * @param  Language  $language  of the form
     * @param  Day  $today  where the form is served
     * @param  list<Country>  $countries  those from which visitors are said to come; the first is likeliest
     * @param  Country|null  $declared  the one that the person names; null where none is asked, or none was said
     */
    public function __construct(
        public array $values, public Language $language, public Day $today, public array $countries = [], public ?Country $declared = null
    ) {}

    /** The same with the country that a person names. */
    public function from(?Country $declared): self
    {
        return new self($this->values, $this->language, $this->today, $this->countries, $declared);
    }

    /** What stands in an input; empty where it was not sent. */
    public function in(string $input): string
    {
        foreach ($this->values as $value) {
            if ($value->name === $input) {
                return $value->value;
            }
        }

        return '';
    }
}
