<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Actions\Mailing\Outbox;
use App\Models\Journey;
use App\Models\MessageKind;
use App\Models\PointEdition as EditionRow;
use App\Models\Subscriber;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Act;
use Juramen\Consent\Answer;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Target;
use Juramen\Log\Disclosure;
use LogicException;

/**
 * Takes a sign-up: in one transaction the visit mark is spent, the person known, the consent entered, its permission
 * projected and the mail laid out. Nothing of it is ever there without the rest.
 */
final class AcceptSignup
{
    public function __construct(
        private readonly Append $append,
        private readonly KnowSubscriber $subscribers,
        private readonly SpendMark $spend,
        private readonly Outbox $outbox,
    ) {}

    /** @throws MarkAlreadySpent where the page was sent before with other answers; the same answers again change nothing */
    public function __invoke(Signup $signup): void
    {
        DB::transaction(function () use ($signup): void {
            if (($this->spend)($signup)) {
                $this->accept($signup);
            }
        }, 5);
    }

    private function accept(Signup $signup): void
    {
        $edition = $signup->edition;
        $subscriber = $this->subscribers->findOrMake($edition->controller->id, $signup->email);
        $journey = Id::random();
        $disclosures = $this->disclosures($signup);
        [$answers, $targets] = $this->answers($signup);
        ($this->append)($subscriber->subject, Act::given(
            $signup->occurred, $signup->how, $signup->placement, $signup->nonce === null ? 'released' : 'pass', $journey, $edition->sheet->point, $edition->digest(), $signup->language,
            $answers, $targets, $edition->sheet->rules->doubleOptIn,
            array_map(static fn (Disclosure $d) => $d->digest(), $disclosures),
        ), $disclosures);
        $this->journey($signup, $subscriber, $journey, $answers);
    }

    /** @param  list<Answer>  $answers */
    private function journey(Signup $signup, Subscriber $subscriber, Id $journey, array $answers): void
    {
        $needed = $signup->edition->sheet->rules->doubleOptIn;
        $row = Journey::query()->create([
            'id' => $journey,
            'subscriber_id' => $subscriber->id,
            'point_edition_id' => EditionRow::query()->where('digest', $signup->edition->digest()->bytes)->valueOrFail('id'),
            'language' => $signup->language,
            'state' => $needed ? JourneyState::Asked : JourneyState::Confirmed,
            'lapse_days' => $signup->edition->sheet->rules->lapseDays,
            'asked_at' => $signup->occurred,
            'ended_at' => $needed ? null : $signup->occurred,
        ]);
        DB::table('journey_answers')->insert(array_map(static fn (Answer $a): array => ['journey' => $journey->bytes, 'edition' => $a->edition->bytes], $answers));
        $this->outbox->lay($row, $needed ? MessageKind::Confirmation : MessageKind::Welcome);
    }

    /** @return list<Disclosure> */
    private function disclosures(Signup $signup): array
    {
        $values = ['email' => $signup->email->text, ...$signup->values];
        if ($signup->network !== null && $signup->edition->sheet->rules->keepNetwork) {
            $values['network'] = $signup->network;
        }

        return array_map(Disclosure::make(...), array_keys($values), array_values($values));
    }

    /** @return array{non-empty-list<Answer>, non-empty-list<Target>} */
    private function answers(Signup $signup): array
    {
        [$answers, $targets] = [[], []];
        foreach ($signup->edition->sheet->statements as $statement) {
            if (in_array($statement->id, $signup->statements, true)) {
                $answers[] = new Answer($statement->id, $statement->edition());
                foreach ($statement->channels as $channel) {
                    $targets[] = new Target($statement->purpose, $channel);
                }
            }
        }
        if ($answers === [] || $targets === []) {
            throw new LogicException('A sign-up without a yes is no consent.');
        }

        return [$answers, $targets];
    }
}
