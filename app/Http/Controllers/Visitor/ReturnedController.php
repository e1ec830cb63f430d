<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Mailing\ReturnedMail;
use App\Actions\Signup\HearOfAsking;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Canon\MacRing;
use Symfony\Component\HttpFoundation\IpUtils;

/** Mails that came back, handed over by the mail server, one a request. The answer is the same whatever they say. */
final class ReturnedController
{
    public function take(Request $request, MacRing $keys, HearOfAsking $hear): Response
    {
        abort_unless(IpUtils::checkIp((string) $request->ip(), explode(',', config()->string('juramen.mail.returns_from'))), 404);
        $returned = ReturnedMail::read($request->getContent(), $keys);
        if ($returned->journey !== null && $returned->failed) {
            $hear->returned($returned->journey);
        }

        return response('', 204);
    }
}
