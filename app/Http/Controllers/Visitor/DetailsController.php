<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Signup\ConfirmDetails;
use App\Actions\Signup\KnownPeople;
use App\Http\LinkCookie;
use App\Models\KnownSignup;
use App\Queries\Visitor\LinkTargets;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Points\FieldValue;
use Juramen\Register\Language;

/** The page behind the link by which somebody known has details taken over. It names them and repeats none; its one button takes them over. */
final class DetailsController
{
    public function __construct(
        private readonly LinkTargets $links, private readonly KnownPeople $known, private readonly PublishedForms $published,
        private readonly SystemClock $clock
    ) {}

    public function open(Request $request, string $token): Response|RedirectResponse
    {
        return $this->links->isDetails($token) ? LinkCookie::Details->keep($token) : LinkCookie::unknown($request);
    }

    public function show(Request $request): Response
    {
        $token = LinkCookie::Details->token($request);
        if (! $this->links->isDetails($token)) {
            return LinkCookie::unknown($request);
        }
        $known = $this->links->details($token);
        $changes = $known === null || $this->clock->instant()->isAfter($known->ends_at) ? [] : $this->known->changes($known);
        if ($known === null || $changes === []) {
            return $this->over($request);
        }
        $edition = $this->published->edition($known->edition->digest);
        $names = array_map(static fn (FieldValue $v): string => $edition->sheet->draft->labelOf($v->name, $known->language), $changes);

        return VisitorPage::respond($known->language, 'details', ['token' => $token, 'names' => array_values(array_filter($names))], $edition);
    }

    public function press(Request $request, ConfirmDetails $confirm): Response
    {
        $token = $request->post('token');
        $token = is_string($token) ? $token : '';
        if (! $this->links->isDetails($token)) {
            return LinkCookie::unknown($request);
        }
        $known = $this->links->details($token);

        return $known !== null && $confirm($known->id) ? $this->done($known) : $this->over($request);
    }

    private function done(KnownSignup $known): Response
    {
        return VisitorPage::respond($known->language, 'ending', ['page' => 'details-done'], $this->published->edition($known->edition->digest));
    }

    /** In the language of the page that was pressed, if it was: pressed twice, what it was about is gone, and its language with it. */
    private function over(Request $request): Response
    {
        $pressed = $request->post('language');
        $language = (is_string($pressed) ? Language::tryFrom($pressed) : null)
            ?? Language::preferred((string) $request->header('Accept-Language'), Language::cases());

        return VisitorPage::respond($language, 'ending', ['page' => 'details-over'], status: 410);
    }
}
