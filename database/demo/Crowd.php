<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Actions\Consent\ProjectPermissions;
use App\Actions\Ledger\LedgerTables;
use App\Casts\Instants;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\PublishedEdition;
use App\Models\RegisteredController;
use App\Queries\Points\EditionsInForce;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\Acts\ConfirmationSent;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\Answer;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\Journey;
use Juramen\Consent\Permissions;
use Juramen\Consent\Target;
use Juramen\Log\Disclosure;
use Juramen\Points\PointEdition;
use Juramen\Register\EmailAddress;
use Juramen\Register\Language;
use RuntimeException;

/**
 * A large invented population, who all came by the footer form more than thirty days ago: entries, permissions, journeys and values by
 * the same rules of the core as those of the running application, but written many at a time.
 */
final class Crowd
{
    private const AT_ONCE = 1000;

    /** Days ago that the first of them came, and the last. */
    private const DAYS = [540, 31];

    /** One in so many has withdrawn since. */
    private const WITHDRAWN = 8;

    private const LANGUAGES = [Language::English, Language::German];

    /** @var array<string, list<array<string, int|string|null>>> rows to be written, by table */
    private array $rows = [];

    public function __construct(
        private readonly LedgerTables $ledger, private readonly ProjectPermissions $project, private readonly KeyStore $keys,
        private readonly SystemClock $clock
    ) {}

    /**
     * @param  int  $people  how many more there are to be
     * @param  callable(int): void  $progress  told how many there are so far
     */
    public function grow(int $people, callable $progress): void
    {
        $row = (new EditionsInForce)->of(['footer-newsletter'])[0] ?? throw new RuntimeException('The demo is not loaded: there is no footer form to come by.');
        $edition = $row->edition();
        $controller = RegisteredController::query()->where('slug', $edition->controller->id->text)->firstOrFail();
        $next = (int) DB::table('subscribers')->max('id') + 1;
        mt_srand(20261127);
        for ($done = 0; $done < $people; $done += $now) {
            $now = min(self::AT_ONCE, $people - $done);
            for ($i = 0; $i < $now; $i++) {
                $this->person($next + $done + $i, $controller->id, $row, $edition);
            }
            $this->write();
            $progress($done + $now);
        }
    }

    private function person(int $id, int $controller, PublishedEdition $row, PointEdition $edition): void
    {
        [$subject, $journey, $language] = [Id::random(), Id::random(), self::LANGUAGES[mt_rand(0, 1)]];
        $asked = $this->clock->instant()->plusSeconds(-86400 * mt_rand(self::DAYS[1], self::DAYS[0]) - mt_rand(0, 86399));
        $mailed = $asked->plusSeconds(mt_rand(2, 9));
        $pressed = $mailed->plusSeconds(mt_rand(30, 86400));
        $email = EmailAddress::parse("crowd.$id@post.example");
        $values = [Disclosure::make('email', $email->text), Disclosure::make('first-name', 'Crowd'), Disclosure::make('network', '192.0.2.0/24')];
        $statement = $edition->sheet->statements[0];
        $targets = [new Target($statement->purpose->text, $statement->channels[0])];
        $acts = [
            new Given(
                $asked, How::FormServed, 'page', 'pass', $journey, $edition->sheet->draft->point->text, $edition->digest(), $language,
                [new Answer($statement->id->text, $statement->edition())], $targets, true, array_map(static fn (Disclosure $d) => $d->digest(), $values)
            ),
            new ConfirmationSent($mailed, $journey, $edition->digest(), $language),
            new Confirmed($pressed, $journey, []),
        ];
        if (mt_rand(1, self::WITHDRAWN) === 1) {
            $acts[] = $withdrawn = new Withdrawn($pressed->plusDays(mt_rand(1, 30)), How::OneClick, $targets);
        }
        $entries = $this->entries($subject, $acts);
        $this->rows['subjects'][] = ['id' => $subject->bytes, 'kind' => 'person'];
        $this->rows['subscribers'][] = ['id' => $id, 'subject' => $subject->bytes, 'controller_id' => $controller, 'first_seen' => Instants::write($asked)];
        $this->rows['contact_points'][] = [
            'subscriber_id' => $id, 'controller_id' => $controller, 'kind' => 'email',
            'lookup' => $this->keys->lookup($edition->controller->id->text, 'email', $email->lookup())->bytes,
        ];
        foreach ($values as $value) {
            $this->rows['disclosures'][] = [
                'subject' => $subject->bytes, 'entry' => $entries[0]->id->bytes, 'digest' => $value->digest()->bytes, 'text' => $value->text,
            ];
        }
        foreach ($this->project->of($id, Permissions::of($entries)) as $permission) {
            $this->rows['permissions'][] = $permission->getAttributes();
        }
        $this->journey($journey, $id, $row, $language, $asked, $mailed, $pressed, $edition, $withdrawn->occurred ?? null);
    }

    /**
     * @param  list<Act>  $acts
     * @return non-empty-list<Entry>
     */
    private function entries(Id $subject, array $acts): array
    {
        $entries = [];
        foreach ($acts as $act) {
            $entries[] = $entry = Entry::next($entries === [] ? null : $entries[count($entries) - 1], $subject, $act, $act->occurred->plusSeconds(1));
            $this->rows['entries'][] = [
                'id' => $entry->id->bytes, 'subject' => $subject->bytes, 'sequence' => $entry->sequence, 'kind' => $act->kind()->value,
                'recorded' => Instants::write($entry->recorded), 'body' => $entry->bytes,
            ];
        }

        return $entries === [] ? throw new RuntimeException('Nobody does nothing.') : $entries;
    }

    private function journey(
        Id $id, int $subscriber, PublishedEdition $row, Language $language, Instant $asked, Instant $mailed, Instant $pressed, PointEdition $edition,
        ?Instant $withdrawn
    ): void {
        $path = Journey::asked($id, $edition->sheet->rules->lapseDays, $asked)->mailed($mailed)?->confirmed($pressed)
            ?? throw new RuntimeException('Whoever is asked and mailed may confirm.');
        $path = $withdrawn === null ? $path : $path->revoked($withdrawn) ?? $path;
        $this->rows['journeys'][] = [
            'id' => $id->bytes, 'consent' => $id->bytes, 'subscriber_id' => $subscriber, 'point_edition_id' => $row->id, 'language' => $language->value,
            'state' => $path->state->value, 'lapse_days' => $path->lapseDays, 'asked_at' => Instants::write($asked),
            'mailed_at' => Instants::write($mailed), 'lapses_at' => $path->lapses === null ? null : Instants::write($path->lapses),
            'ended_at' => Instants::write($path->ended ?? $pressed),
        ];
        $this->rows['journey_answers'][] = ['journey' => $id->bytes, 'edition' => $edition->sheet->statements[0]->edition()->bytes];
        foreach ([[DeliveryKind::Confirmation, $mailed], [DeliveryKind::Welcome, $pressed->plusSeconds(4)]] as [$kind, $sent]) {
            $at = Instants::write($sent);
            $this->rows['deliveries'][] = [
                'idempotency_key' => bin2hex(random_bytes(16)), 'kind' => $kind->value, 'subscriber_id' => $subscriber, 'journey' => $id->bytes,
                'point_edition_id' => $row->id, 'language' => $language->value, 'state' => DeliveryState::Sent->value, 'attempts' => 1,
                'due_at' => $at, 'turn_at' => $at, 'made_at' => $at, 'claimed_at' => $at, 'settled_at' => $at,
            ];
        }
    }

    private function write(): void
    {
        DB::transaction(function (): void {
            foreach ($this->rows as $table => $rows) {
                foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                    ($table === 'entries' ? $this->ledger->table($table) : DB::table($table))->insert($some);
                }
            }
        });
        $this->rows = [];
    }
}
