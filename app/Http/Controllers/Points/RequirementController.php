<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Pages\Points\RequirementPage;
use App\Queries\Wording\MisreadSentences;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Audit\NotJudgedYet;
use Juramen\Audit\Requirements;

/** What a requirement demands, where it comes from, how sure that is, and which sentences it takes for what. */
final class RequirementController
{
    public function show(string $id, MisreadSentences $misread): View
    {
        $requirement = Requirements::find($id) ?? abort(404);

        return view('points.requirement', [
            'page' => RequirementPage::of($requirement, $misread), 'groups' => Requirements::groups(), 'notYet' => NotJudgedYet::all(),
        ]);
    }

    /** Sentences that were said to be read wrongly, to take to whoever maintains the language. */
    public function misread(MisreadSentences $misread): Response
    {
        return response($misread->text(), 200, [
            'Content-Type' => 'text/plain; charset=utf-8', 'Content-Disposition' => 'attachment; filename="read-wrongly.txt"',
        ]);
    }
}
