<?php

declare(strict_types=1);

namespace App\Queries\Registers;

use App\Models\Record;
use Juramen\Register\Controller;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailWording;

/** One mail of one controller. */
final readonly class HouseMail
{
    /**
     * @param  Record|null  $record  null where it stands in our own words
     * @param  MailWording|null  $wording  in force, or its draft
     * @param  int  $points  signup points of the controller
     */
    public function __construct(
        public Controller $controller, public MailKind $kind, public ?Record $record, public ?MailWording $wording, public int $points
    ) {}
}
