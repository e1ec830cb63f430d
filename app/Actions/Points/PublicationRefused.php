<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use Juramen\Canon\Ground;
use Juramen\Canon\Refused;

/** A publication that cannot be, because exceptions were asked for that cannot be made. Nothing was published and none was entered. */
final class PublicationRefused extends Refused
{
    /** @var list<ExceptionFault> */
    public array $faults = [];

    /** @param  non-empty-list<ExceptionFault>  $faults */
    public static function forFaults(array $faults): self
    {
        $refused = new self(new Ground(ActRefusal::ExceptionsAtFault));
        $refused->faults = $faults;

        return $refused;
    }
}
