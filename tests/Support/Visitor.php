<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outcome;
use App\Actions\Signup\DecideHeld;
use App\Models\Delivery;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;
use Symfony\Component\DomCrawler\Crawler;

/** What a visitor does, by requests as a browser sends them. */
trait Visitor
{
    /** @return array<string, string> the hidden inputs of a freshly served form */
    public function marks(string $language = 'en', string $point = 'footer-newsletter'): array
    {
        return $this->hidden($this->get("/forms/$point/$language")->assertOk());
    }

    /** @return array<string, string> */
    public function hidden(TestResponse $response): array
    {
        $marks = [];
        foreach ((new Crawler((string) $response->getContent()))->filter('form input[type=hidden]') as $input) {
            $marks[$input->getAttribute('name')] = $input->getAttribute('value');
        }

        return $marks;
    }

    /** Opens the form, takes a moment, and sends it. */
    public function signUp(string $email, array $more = [], string $language = 'en', ?array $marks = null): TestResponse
    {
        $marks ??= $this->marks($language);
        Carbon::setTestNow(now()->addSeconds(5));

        return $this->post("/forms/footer-newsletter/$language", ['email' => $email, 'yes-voyage-news' => 'yes', ...$marks, ...$more]);
    }

    /** The mail server takes everything that waits. */
    public function mailsAreTaken(): void
    {
        while (($message = app(Deliveries::class)->claim()) !== null) {
            app(Deliveries::class)->settle($message, Outcome::accepted());
        }
    }

    public function confirmToken(?SignupJourney $journey = null): string
    {
        return Link::Confirm->token(($journey ?? SignupJourney::query()->orderByDesc('asked_at')->firstOrFail())->id, app(MacRing::class));
    }

    public function withdrawToken(): string
    {
        return Link::Withdraw->token(Subscriber::query()->orderByDesc('id')->firstOrFail()->subject, app(MacRing::class));
    }

    /** @return list<string> kinds of the entries about people, in order */
    public function acts(): array
    {
        return DB::table($this->ledger('entries'))->whereNotIn('kind', ['published', 'approved'])->orderBy('position')->pluck('kind')->all();
    }

    public function message(): Delivery
    {
        return Delivery::query()->orderByDesc('id')->firstOrFail();
    }

    /** Somebody who is signed in decides about what is held, and the time in which it could be undone is over. */
    public function decided(int $held, string $as): void
    {
        $this->post('/held/decide', ['act' => $as, 'chosen' => [(string) $held]])->assertRedirect('/held');
        config()->set('juramen.screening.undo_seconds', 0);
        app(DecideHeld::class)->carryOut();
    }
}
