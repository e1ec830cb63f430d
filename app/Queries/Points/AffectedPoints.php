<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Actions\Points\ReviewPublication;
use Juramen\Canon\Refused;
use Juramen\Points\Registers;

/** Which published points are not what they would be if they were published again, with the registers as given. */
final class AffectedPoints
{
    public function __construct(private readonly ReviewPublication $review, private readonly EditionsInForce $inForce) {}

    /**
     * @param  Registers  $registers  as they are, or as they would be
     * @return list<AffectedPoint>
     */
    public function by(Registers $registers): array
    {
        $affected = [];
        foreach ($this->inForce->all() as $row) {
            try {
                $publication = $this->review->again($row, $registers);
                if ($publication->differs()) {
                    $affected[] = AffectedPoint::of($publication);
                }
            } catch (Refused $e) {
                $affected[] = AffectedPoint::impossible($row, $e->getMessage());
            }
        }

        return $affected;
    }
}
