<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use Illuminate\View\View;
use Juramen\Audit\Requirements;

/** What a requirement demands, where it comes from, and how sure that is. */
final class RequirementController
{
    public function show(string $id): View
    {
        return view('points.requirement', ['requirement' => Requirements::find($id) ?? abort(404), 'all' => Requirements::all()]);
    }
}
