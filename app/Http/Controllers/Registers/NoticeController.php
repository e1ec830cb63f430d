<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Pages\Wording\NoticePage;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Register\Language;

/** What is to be said in the privacy notice about the statements in force. */
final class NoticeController
{
    public function show(Request $request, NoticePage $page): View
    {
        return view('wording.notice', [
            'notices' => $page->chosen($request->string('of')->toString(), Language::tryFrom($request->string('in')->toString())),
        ]);
    }
}
