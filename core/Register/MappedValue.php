<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Where one value of a person goes at a destination. */
final readonly class MappedValue
{
    /**
     * @param  string  $of  name of the value
     * @param  string  $to  the field there; Destination::NOT_PASSED where it does not go over, empty where nobody has said
     */
    public function __construct(public string $of, public string $to) {}
}
