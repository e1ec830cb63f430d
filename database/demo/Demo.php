<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Actions\Ledger\Append;
use App\Actions\Mailing\Outbox;
use App\Actions\Mailing\Outcome;
use App\Actions\Points\PublishPoint;
use App\Actions\Signup\AcceptSignup;
use App\Actions\Signup\ConfirmJourney;
use App\Actions\Signup\KnowSubscriber;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Signup\Signup;
use App\Actions\Signup\WithdrawConsent;
use App\Models\Controller;
use App\Models\Journey;
use App\Models\Point;
use App\Models\Purpose;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\SystemClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\How;
use Juramen\Points\PointEdition;
use Juramen\Register\EmailAddress;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use LogicException;

/** Loads the demo scenario by the same actions that the running application uses, at moments of the past. */
final class Demo
{
    public function __construct(
        private readonly Append $append,
        private readonly PublishPoint $publish,
        private readonly AcceptSignup $accept,
        private readonly Outbox $outbox,
        private readonly ConfirmJourney $confirm,
        private readonly WithdrawConsent $withdraw,
        private readonly LapseJourneys $lapse,
        private readonly KnowSubscriber $subscribers,
        private readonly SystemClock $clock,
    ) {
    }

    /** Accounts, the newsletter form, and a few people in different states. */
    public function load(): void
    {
        $edition = $this->loadForm();
        $this->at('2026-11-18 13:14:00', fn () => $this->point(Controller::query()->firstOrFail(), CabinDraw::SHEET, User::query()->where('role', 'editor')->firstOrFail()));
        $this->at('2026-05-14 07:12:33', fn () => $this->signUp($edition, 'imke.thormann@post.example', 'Imke', Language::German, '203.0.113.77'));
        $this->at('2026-05-14 07:14:51', fn () => $this->press('imke.thormann@post.example'));
        $this->at('2026-06-02 16:40:07', fn () => $this->signUp($edition, 'alasdair.wick@post.example', 'Alasdair', Language::English, '198.51.100.20'));
        $this->at('2026-06-03 06:02:19', fn () => $this->press('alasdair.wick@post.example'));
        $this->at('2026-09-08 05:02:44', fn () => $this->leave('alasdair.wick@post.example'));
        $this->at('2026-10-19 09:30:00', fn () => $this->signUp($edition, 'nobody.pressed@post.example', null, Language::English, '192.0.2.14'));
        $this->at('2026-10-27 00:00:00', fn () => ($this->lapse)());
    }

    /** Only what a form needs to be served; tests begin here. */
    public function loadForm(): PointEdition
    {
        return $this->at('2026-05-02 08:00:00', function (): PointEdition {
            $users = array_map(static fn (array $p): User => User::query()->create(['name' => $p[0], 'email' => $p[1], 'role' => $p[2], 'password' => People::PASSWORD]), People::ALL);
            $controller = Controller::query()->create(['slug' => FooterNewsletter::CONTROLLER['id'], 'document' => json_encode(FooterNewsletter::CONTROLLER), 'rules' => json_encode((new HouseRules)->toArray())]);
            Purpose::query()->create(['controller_id' => $controller->id, 'slug' => 'voyage-news', 'names' => FooterNewsletter::PURPOSE]);
            $point = $this->point($controller, FooterNewsletter::SHEET, $users[2]);

            return ($this->publish)($point, $users[0]);
        });
    }

    /** @param  array<string, mixed>  $sheet */
    private function point(Controller $controller, array $sheet, User $author): Point
    {
        return DB::transaction(function () use ($controller, $sheet, $author): Point {
            $point = Point::query()->create(['slug' => $sheet['point'], 'subject' => $this->append->newSubject('point'), 'controller_id' => $controller->id]);
            $point->revisions()->create(['number' => 1, 'state' => 1, 'from_state' => 0, 'said' => 'began it', 'document' => $sheet, 'author_id' => $author->id, 'saved_at' => $this->clock->instant()]);

            return $point;
        });
    }

    private function signUp(PointEdition $edition, string $email, ?string $name, Language $language, string $network): void
    {
        ($this->accept)(new Signup(
            $edition, $language, EmailAddress::parse($email), $name === null ? [] : ['first-name' => $name], ['voyage-news'],
            How::FormServed, 'page', $this->clock->instant(), Id::random(), substr($network, 0, (int) strrpos($network, '.')).'.0/24',
        ));
        $this->mailsAreTaken();
    }

    private function press(string $email): void
    {
        ($this->confirm)(Journey::query()->where('subscriber_id', $this->find($email)->id)->orderByDesc('asked_at')->firstOrFail()->id, null);
        $this->mailsAreTaken();
    }

    private function leave(string $email): void
    {
        ($this->withdraw)($this->find($email)->subject, How::LinkPage);
    }

    private function find(string $email): Subscriber
    {
        return $this->subscribers->find('tidewick-ferries', EmailAddress::parse($email)) ?? throw new LogicException('This person is not in the demo yet.');
    }

    /** In the past of the demo every mail was taken; none is sent again today. */
    private function mailsAreTaken(): void
    {
        while (($message = $this->outbox->claim()) !== null) {
            $this->outbox->settle($message->load('subscriber'), Outcome::accepted());
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private function at(string $moment, callable $do): mixed
    {
        Carbon::setTestNow(CarbonImmutable::parse($moment, 'UTC'));
        try {
            return $do();
        } finally {
            Carbon::setTestNow();
        }
    }
}
