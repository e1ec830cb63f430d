<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Casts\Instants;
use App\Models\Enquiry;
use App\Support\Moments;
use Juramen\Canon\Day;

/** How many enquiries of a point came on a day of the office for one of its recipients; whoever was taken for a program is not counted. */
final class EnquiriesOfDay
{
    public function __invoke(string $point, string $recipient, Day $day): int
    {
        $of = Enquiry::query()->whereRelation('edition.point', 'slug', $point)->where('doubtful', false)
            ->where('received_at', '>=', Instants::write($day->begins(Moments::zone())))
            ->where('received_at', '<', Instants::write($day->plus(1)->begins(Moments::zone())))->get(['id', 'recipients']);

        return $of->filter(static fn (Enquiry $e): bool => in_array($recipient, $e->recipients, true))->count();
    }
}
