<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Signup\FormMarks;
use App\Actions\Signup\ReceiveSubmission;
use App\Http\People;
use App\Pages\Visitor\SentPage;
use App\Queries\Registers\RegistersInForce;
use App\Support\DraftProof;
use App\Support\FlowLog;
use App\Support\HouseLook;
use App\Support\LedOn;
use App\Support\Moments;
use App\Support\OnTheAir;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Points\Field;
use Juramen\Points\FieldValue;
use Juramen\Points\Filling;
use Juramen\Points\FormRenderer;
use Juramen\Points\PointEdition;
use Juramen\Points\SheetDraft;
use Juramen\Register\Colour;
use Juramen\Register\Language;
use Juramen\Register\Look;
use Juramen\Register\LookDraft;

/** Serves a published form as it was frozen, and takes what is sent with it. */
final class FormController
{
    public function __construct(
        private readonly PublishedForms $published, private readonly FormMarks $marks, private readonly FlowLog $flow,
        private readonly LedOn $led, private readonly SystemClock $clock
    ) {}

    public function preferred(Request $request, string $point): Response
    {
        $edition = $this->edition($point);

        return $this->form($request, $edition, $this->preference($request, $edition))->header('Vary', 'Accept-Language');
    }

    public function show(Request $request, string $point, string $language): Response
    {
        $edition = $this->edition($point);
        $offered = $this->offered($edition, $language);
        if ($offered === null) {
            return VisitorPage::respond($this->preference($request, $edition), 'language', ['links' => $this->links($edition)], $edition, 404);
        }

        return $this->form($request, $edition, $offered);
    }

    public function submit(Request $request, ReceiveSubmission $receive, string $point, string $language): Response|RedirectResponse
    {
        $edition = $this->edition($point);
        $spoken = $this->offered($edition, $language) ?? $this->preference($request, $edition);
        if ($this->air($edition) !== OnTheAir::Open) {
            return $this->offAir($edition, $spoken);
        }
        $outcome = $receive($request, $edition, $spoken);
        LedOn::allow($request, $edition, $spoken);
        if ($outcome->again === null) {
            $elsewhere = $outcome->mailed ? $this->led->afterSending($edition, $spoken) : null;
            if ($elsewhere !== null) {
                return $elsewhere;
            }
            if ($outcome->mailed && $outcome->edition->sheet->draft->after->inPlace) {
                return SentPage::respond($outcome->edition, $spoken, $outcome->ticket);
            }
            $page = route($outcome->mailed ? 'form.sent' : 'form.received', [$point, $spoken->value], false);
            $answer = redirect($page, 303);

            return $outcome->ticket === null ? $answer : $answer->withCookie($outcome->ticket->cookie($page));
        }
        $number = $outcome->page->number ?? 1;
        if ($outcome->status === 200 && $number > 1 && $request->post(FormRenderer::GO) !== 'back') {
            $this->flow->shown($outcome->edition, $spoken, $number);
        }
        $form = $this->published->form($outcome->edition, $spoken, $number, $outcome->version);

        return $this->html($form->with($outcome->again->pieces()), $outcome->status);
    }

    public function stylesheet(string $digest): Response
    {
        return $this->frozen($digest, 'text/css; charset=utf-8');
    }

    public function image(string $digest): Response
    {
        return $this->frozen($digest, 'image/webp');
    }

    /** Letters that a form loads; those of a draft's proof are frozen nowhere yet. A proof stands in a frame without an origin, so anybody may load them. */
    public function letters(string $digest): Response
    {
        $shipped = HouseLook::shipped(Digest::fromHex($digest));
        $response = $shipped === null ? $this->frozen($digest, 'font/woff2')
            : response($shipped, 200, ['Content-Type' => 'font/woff2', 'Cache-Control' => 'public, max-age=31536000, immutable']);

        return $response->header('Access-Control-Allow-Origin', '*');
    }

    private function frozen(string $digest, string $type): Response
    {
        return response(
            $this->published->frozen(Digest::fromHex($digest)), 200, ['Content-Type' => $type, 'Cache-Control' => 'public, max-age=31536000, immutable']
        );
    }

    /** The styles of a proof: the controller's, and those of the draft that is named. */
    public function look(Request $request, string $controller, RegistersInForce $inForce): Response
    {
        $registers = $inForce->registers();
        $known = $registers->controllers->get($controller) ?? abort(404);
        $draft = DraftProof::find($request->string('draft')->toString());
        $sheet = $draft === null ? null : $registers->complete(SheetDraft::from($draft));
        $look = $sheet?->look($known) ?? Look::of(Colour::parse($known->accent), $known->look, LookDraft::from(Document::from([])));

        $css = HouseLook::css($look, $request->boolean('dark')).$sheet?->layout()->css();

        return response($css, 200, ['Content-Type' => 'text/css; charset=utf-8', 'Cache-Control' => 'public, max-age=60']);
    }

    private function form(Request $request, PointEdition $edition, Language $language): Response
    {
        if ($this->air($edition) !== OnTheAir::Open) {
            return $this->offAir($edition, $language);
        }
        $marks = $this->marks->issue($edition, $language);
        $version = FormMarks::version($edition, $marks->visit);
        $filling = new Filling(self::from($request, $edition), hidden: $marks->inputs);

        LedOn::allow($request, $edition, $language);
        if (People::looksLikeOne($request)) {
            $this->flow->shown($edition, $language, 1, $version);
        }

        return $this->html($this->published->form($edition, $language, 1, $version)->with($filling->pieces()), 200);
    }

    /** @return list<FieldValue> the mark of where the form was come upon, where its address bears one that the sheet knows */
    private static function from(Request $request, PointEdition $edition): array
    {
        $mark = $request->query('from');
        $known = array_filter($edition->sheet->draft->fields, static fn (Field $f): bool => is_string($mark) && in_array($mark, $f->marks, true));

        return array_values(array_map(static fn (Field $f): FieldValue => new FieldValue($f->name(), is_string($mark) ? $mark : ''), $known));
    }

    private function air(PointEdition $edition): OnTheAir
    {
        return OnTheAir::of($edition, $this->published->isPaused($edition->sheet->draft->point->text), $this->clock->today());
    }

    private function offAir(PointEdition $edition, Language $language): Response
    {
        $air = $this->air($edition);
        $opening = $edition->sheet->draft->opening;
        $day = Moments::dayIn($air === OnTheAir::NotYet ? $opening->first : $opening->last, $language);
        $page = VisitorPage::respond($language, 'ending', ['page' => $air->value, 'day' => $day], $edition, $air->status());

        return $air === OnTheAir::Paused ? $page->header('Retry-After', '3600') : $page;
    }

    private function html(string $html, int $status): Response
    {
        return response($html, $status, ['Content-Type' => 'text/html; charset=utf-8']);
    }

    private function edition(string $point): PointEdition
    {
        return $this->published->current($point) ?? abort(404);
    }

    private function offered(PointEdition $edition, string $language): ?Language
    {
        $known = Language::tryFrom($language);

        return $known !== null && $edition->isIn($known) ? $known : null;
    }

    private function preference(Request $request, PointEdition $edition): Language
    {
        return Language::preferred((string) $request->header('Accept-Language'), $edition->offered());
    }

    /** @return array<string, string> a language's own name to the form's address in it */
    private function links(PointEdition $edition): array
    {
        $links = [];
        foreach ($edition->offered() as $language) {
            $links[$language->endonym()] = route('form', [$edition->sheet->draft->point->text, $language->value]);
        }

        return $links;
    }
}
