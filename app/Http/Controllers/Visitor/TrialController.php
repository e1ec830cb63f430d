<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Screening\TrialVisitor;
use App\Actions\Signup\TrialEnd;
use App\Actions\Signup\TryDraft;
use App\Models\Point;
use App\Pages\Screening\TrialPage;
use App\Queries\Points\FindPoint;
use App\Support\SystemClock;
use App\Support\TrialLink;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Canon\MacRing;
use Juramen\Register\Language;

/** A draft, gone through from a private link. */
final class TrialController
{
    public function __construct(
        private readonly TryDraft $try, private readonly FindPoint $points, private readonly MacRing $keys, private readonly SystemClock $clock
    ) {}

    public function show(string $token, string $visitor, string $language): Response
    {
        [$point, $as, $spoken] = $this->asked($token, $visitor, $language);

        return $this->answer($this->try->open($point, $spoken, self::at($token, $as)), $token, $as, $spoken);
    }

    public function send(Request $request, string $token, string $visitor, string $language): Response
    {
        [$point, $as, $spoken] = $this->asked($token, $visitor, $language);

        return $this->answer($this->try->send($request, $point, $spoken, $as, self::at($token, $as)), $token, $as, $spoken);
    }

    private function answer(TrialEnd $end, string $token, TrialVisitor $as, Language $language): Response
    {
        return $end->html !== null ? response($end->html, $end->status, ['Content-Type' => 'text/html; charset=utf-8'])
            : response()->view('visitor.trial', ['page' => TrialPage::of($end->assessment, $token, $as, $language)]);
    }

    private static function at(string $token, TrialVisitor $as): string
    {
        return "/trials/$token/$as->value/LANGUAGE";
    }

    /** @return array{Point, TrialVisitor, Language} */
    private function asked(string $token, string $visitor, string $language): array
    {
        $id = TrialLink::open($token, $this->clock->instant(), $this->keys);

        return [
            ($id === null ? null : $this->points->byId($id)) ?? abort(404), TrialVisitor::tryFrom($visitor) ?? abort(404),
            Language::tryFrom($language) ?? abort(404),
        ];
    }
}
