<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Journey;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Through;
use Juramen\Points\FormVersion;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;
use Juramen\Wording\Statement;

/**
 * One sign-up's path to consent through the inbox or, where something reaches people by it, through the number. Where it stands is decided
 * by the core's journey alone: nothing else may write its state and days.
 *
 * @property Id $id
 * @property int $subscriber_id
 * @property int $point_edition_id
 * @property Language $language
 * @property JourneyState $state
 * @property int $lapse_days
 * @property Instant $asked_at
 * @property Instant|null $lapses_at
 * @property Instant|null $remind_at
 * @property Instant|null $mailed_at when the newest mail in which the person was asked was taken
 * @property int $resent how often the person had it sent once more
 * @property Instant|null $ended_at
 * @property Id $consent by which entries name it: that of the sign-up, which the paths through inbox and number share
 * @property Through $through
 * @property bool $besides whether it is the path through the number of a sign-up that has one through the inbox too
 * @property string $placement where the person came upon the form
 * @property string|null $allotted which of two confirmation mails chance allotted
 * @property FormVersion|null $version which of two versions of the form chance allotted
 * @property bool $opened whether the page behind the mail's link was opened, as long as the sign-up has not ended
 * @property Instant|null $confirmed_at when it was confirmed, whatever came later
 * @property Id|null $nonce of the mark that was spent on it, by which whoever has just sent the form is known
 * @property-read Subscriber $subscriber
 * @property-read PublishedEdition $edition
 */
final class SignupJourney extends Model
{
    public $timestamps = false;

    protected $table = 'journeys';

    public $incrementing = false;

    /** Only follow() writes them. */
    protected $guarded = ['state', 'lapse_days', 'lapses_at', 'remind_at', 'mailed_at', 'resent', 'ended_at', 'confirmed_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'id' => ValueCast::ID, 'language' => Language::class, 'state' => JourneyState::class,
            'asked_at' => ValueCast::INSTANT, 'lapses_at' => ValueCast::INSTANT, 'remind_at' => ValueCast::INSTANT, 'ended_at' => ValueCast::INSTANT,
            'mailed_at' => ValueCast::INSTANT, 'nonce' => ValueCast::ID, 'consent' => ValueCast::ID, 'through' => Through::class, 'besides' => 'boolean',
            'opened' => 'boolean', 'version' => FormVersion::class, 'confirmed_at' => ValueCast::INSTANT,
        ];
    }

    /**
     * @param  Id  $consent  by which entries name it
     * @param  string  $placement  where the person came upon the form
     * @param  FormVersion|null  $version  which of two of the form; null where there is one
     * @param  string|null  $allotted  which of two confirmation mails, "a" or "b"; null where there is one
     */
    public static function begin(
        Journey $path, Id $consent, Through $through, Subscriber $subscriber, int $editionId, Language $language, ?Id $nonce, string $placement = 'page',
        ?string $allotted = null, ?FormVersion $version = null
    ): self {
        $journey = new self([
            'id' => $path->id, 'subscriber_id' => $subscriber->id, 'point_edition_id' => $editionId, 'language' => $language, 'asked_at' => $path->asked,
            'nonce' => $nonce, 'consent' => $consent, 'through' => $through, 'besides' => ! $path->id->equals($consent),
            'placement' => $placement, 'allotted' => $allotted, 'version' => $version,
        ]);
        $journey->follow($path);

        return $journey;
    }

    public function path(): Journey
    {
        return Journey::restore(
            $this->id, $this->state, $this->lapse_days, $this->asked_at, $this->lapses_at, $this->remind_at, $this->mailed_at, $this->resent, $this->ended_at
        );
    }

    /** Goes where the core's journey leads. @param  Journey|null  $next  null where no step is allowed; then nothing changes */
    public function follow(?Journey $next): void
    {
        if ($next !== null) {
            $this->forceFill([
                'state' => $next->state, 'lapse_days' => $next->lapseDays, 'lapses_at' => $next->lapses, 'remind_at' => $next->reminds,
                'mailed_at' => $next->mailed, 'resent' => $next->resent, 'ended_at' => $next->ended,
                ...$next->state === JourneyState::Confirmed ? ['confirmed_at' => $next->ended] : [],
            ])->save();
        }
    }

    /**
     * The words that this person said yes to, as they stood on the form, and no others.
     *
     * @param  PointEdition  $edition  that it began with
     * @return list<string>
     */
    public function agreedWords(PointEdition $edition): array
    {
        $answers = DB::table('journey_answers')->where('journey', $this->consent->bytes)->pluck('edition')->all();
        $agreed = array_filter($edition->sheet->statements, static fn (Statement $s): bool => in_array($s->edition()->bytes, $answers, true));

        return array_values(array_map(fn (Statement $s): string => $s->words($this->language), $agreed));
    }

    /** @return BelongsTo<Subscriber, $this> */
    public function subscriber(): BelongsTo
    {
        return $this->belongsTo(Subscriber::class);
    }

    /** @return BelongsTo<PublishedEdition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(PublishedEdition::class, 'point_edition_id');
    }
}
