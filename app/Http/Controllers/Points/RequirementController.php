<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use Illuminate\View\View;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;

/** What a requirement demands, where it comes from, and how sure that is. */
final class RequirementController
{
    public function show(string $id): View
    {
        $found = array_values(array_filter(Requirements::all(), static fn (Requirement $r): bool => $r->id() === $id));

        return view('points.requirement', ['requirement' => $found[0] ?? abort(404), 'all' => Requirements::all()]);
    }
}
