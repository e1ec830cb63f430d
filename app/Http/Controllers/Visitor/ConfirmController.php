<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Flow\NoteOpened;
use App\Actions\Signup\ConfirmJourney;
use App\Actions\Signup\CorrectName;
use App\Http\LinkCookie;
use App\Http\People;
use App\Models\SignupJourney;
use App\Pages\Visitor\NameLine;
use App\Queries\Visitor\LinkTargets;
use App\Support\Gifts;
use App\Support\LedOn;
use App\Support\Moments;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Canon\MacRing;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Link;
use Juramen\Consent\Through;
use Juramen\Points\Field;
use Juramen\Points\FieldMessage;
use Juramen\Points\FieldValue;
use Juramen\Points\PointEdition;
use Juramen\Points\Typed;
use Juramen\Register\Network;
use Juramen\Wording\Markup;

/** The page behind the link of a confirmation mail. Opening it changes nothing; its one button confirms. */
final class ConfirmController
{
    public function __construct(
        private readonly LinkTargets $links, private readonly PublishedForms $published, private readonly MacRing $keys,
        private readonly CorrectName $correct, private readonly Gifts $gifts, private readonly NoteOpened $opened, private readonly LedOn $led,
        private readonly SystemClock $clock
    ) {}

    /** The link of the mail: its secret leaves the address bar at once, so that whoever reloads or shares the page keeps it to themselves. */
    public function open(Request $request, string $token): Response|RedirectResponse
    {
        return $this->links->journey($token) === null ? LinkCookie::unknown($request) : LinkCookie::Confirm->keep($token);
    }

    public function show(Request $request): Response
    {
        $token = LinkCookie::Confirm->token($request);
        $journey = $this->links->journey($token);
        if ($journey === null) {
            return LinkCookie::unknown($request);
        }
        $edition = $this->edition($journey);
        $state = $journey->path()->stateAt($this->clock->instant());
        if ($state->hasEnded()) {
            return $this->ending($state, $journey, $edition, first: false);
        }
        if (People::looksLikeOne($request)) {
            ($this->opened)($journey);
        }

        LedOn::allow($request, $edition, $journey->language);

        return VisitorPage::respond(
            $journey->language, 'confirm', [
                'token' => $token, 'number' => $edition->sheet->asksByNumber(), 'statements' => $journey->agreedWords($edition),
                'notTheirs' => Link::NotTheirs->token($journey->id, $this->keys),
            ], $edition
        );
    }

    public function press(Request $request, ConfirmJourney $confirm): Response|RedirectResponse
    {
        $token = $request->post('token');
        $journey = $this->links->journey(is_string($token) ? $token : '');
        if ($journey === null) {
            return LinkCookie::unknown($request);
        }
        $edition = $this->edition($journey);
        $network = $edition->sheet->rules->keepNetwork ? Network::truncate((string) $request->ip()) : null;

        LedOn::allow($request, $edition, $journey->language);
        $state = $confirm($journey->id, $network);
        $isThrough = $state === JourneyState::Confirmed && ! $journey->state->hasEnded() && $journey->through === Through::Mail;
        $elsewhere = $isThrough ? $this->led->afterConfirming($edition, $journey->language) : null;

        return $elsewhere ?? $this->ending($state, $journey, $edition, first: ! $journey->state->hasEnded());
    }

    /** The name that was typed, mended by whoever has just confirmed. */
    public function name(Request $request, CorrectName $correct): Response|RedirectResponse
    {
        $token = $request->post('token');
        $journey = $this->links->journey(is_string($token) ? $token : '');
        if ($journey === null) {
            return LinkCookie::unknown($request);
        }
        if (! $journey->state->hasEnded()) {
            return LinkCookie::Confirm->keep(is_string($token) ? $token : '');
        }
        $typed = [];
        foreach (array_merge([], ...array_map(static fn (Field $f): array => $f->inputs(), $correct->fields($journey))) as $input) {
            $sent = $request->post($input);
            $typed[] = new FieldValue($input, is_string($sent) ? mb_scrub($sent, 'UTF-8') : '');
        }
        $edition = $this->edition($journey);
        $faults = $typed === [] ? [] : $correct($journey, $typed);
        if ($faults !== []) {
            return $this->ending($journey->state, $journey, $edition, true, $typed, $faults);
        }

        return $typed === [] ? $this->ending($journey->state, $journey, $edition, first: false)
            : VisitorPage::respond($journey->language, 'ending', ['page' => 'details-done'], $edition);
    }

    /**
     * @param  list<FieldValue>|null  $typed  as a name; null where it is shown as it is known
     * @param  list<FieldMessage>  $faults  of it
     */
    private function ending(JourneyState $state, SignupJourney $journey, PointEdition $edition, bool $first, ?array $typed = null, array $faults = []): Response
    {
        $language = $journey->language;
        $page = match ($state) {
            JourneyState::Confirmed => match (true) {
                ! $first => 'already',
                default => $journey->through === Through::Number ? 'number-confirmed' : 'confirmed',
            },
            JourneyState::Withdrawn, JourneyState::Revoked => 'journey-withdrawn',
            JourneyState::NotTheirs => 'not-theirs-done',
            JourneyState::Corrected, JourneyState::Undeliverable => 'journey-ended',
            default => 'lapsed',
        };

        $given = in_array($page, ['confirmed', 'already', 'number-confirmed'], true) ? $journey->refresh()->confirmed_at : null;
        $gift = $given === null ? null : $this->gifts->of($edition, $language, $given);
        $form = route('form', [$edition->sheet->draft->point->text, $language->value]);

        return VisitorPage::respond($language, 'ending', [
            'page' => $page,
            'sender' => $edition->controller->sender,
            'names' => $page === 'confirmed' ? $this->names($journey->refresh(), $typed, $faults) : [],
            'token' => Link::Confirm->token($journey->id, $this->keys),
            'own' => $page === 'confirmed' ? Markup::html($edition->sheet->draft->after->confirmed->orNothing($language)) : '',
            'next' => $page === 'confirmed' ? $this->led->step($edition, $language) : null,
            'gift' => $gift, 'giftDay' => Moments::dayIn($gift?->until, $language),
            'called' => $page === 'number-confirmed' ? __('visitor.number-confirmed.stop', [], $language->value) : $edition->sheet->draft->title->in($language),
            'again' => match ($page) {
                'lapsed', 'journey-withdrawn', 'journey-ended' => $form,
                'number-confirmed' => url('/withdraw/'.Link::Withdraw->token($journey->subscriber->subject, $this->keys)),
                default => null,
            },
        ], $edition, match (true) {
            $faults !== [] => 422,
            in_array($page, ['lapsed', 'journey-ended'], true) => 410,
            default => 200,
        });
    }

    /**
     * @param  list<FieldValue>|null  $typed
     * @param  list<FieldMessage>  $faults
     * @return list<NameLine>
     */
    private function names(SignupJourney $journey, ?array $typed, array $faults): array
    {
        $values = new Typed($typed ?? $this->correct->known($journey), $journey->language, $this->clock->today());
        $of = static fn (string $name): array => array_values(array_filter($faults, static fn (FieldMessage $m): bool => $m->name === $name));
        $fault = static fn (string $name): string => $of($name)[0]->says ?? '';

        return array_map(static fn (Field $f): NameLine => new NameLine(
            $f->name(), $f->label->orNothing($journey->language), $values->in($f->inputs()[0]), $fault($f->name())
        ), $this->correct->fields($journey));
    }

    private function edition(SignupJourney $journey): PointEdition
    {
        return $this->published->edition($journey->edition->digest);
    }
}
