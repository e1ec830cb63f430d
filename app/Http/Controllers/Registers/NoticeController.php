<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Pages\Wording\NoticePage;
use Illuminate\View\View;

/** What is to be said in the privacy notice about the statements in force. */
final class NoticeController
{
    public function show(NoticePage $page): View
    {
        return view('wording.notice', ['notices' => $page()]);
    }
}
