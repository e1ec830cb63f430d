<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Pages\Points\RequirementPage;
use Illuminate\View\View;
use Juramen\Audit\Requirements;

/** What a requirement demands, where it comes from, how sure that is, and which sentences it takes for what. */
final class RequirementController
{
    public function show(string $id): View
    {
        return view('points.requirement', ['page' => RequirementPage::of(Requirements::find($id) ?? abort(404)), 'all' => Requirements::all()]);
    }
}
