<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\RightsRequest;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\Refused;
use Juramen\Upkeep\AnswerDeadline;
use Juramen\Upkeep\Right;

/** A message turns out to be a request of its sender; its time runs from the day on which it arrived, whenever somebody noticed that. */
final class HandleRequests
{
    /** Characters of what the person was told about a later answer. */
    public const WHY = 500;

    public function __construct(
        private readonly PublishedForms $published, private readonly RegistersInForce $inForce, private readonly ActLog $log,
        private readonly SystemClock $clock
    ) {}

    /** @return RightsRequest|null null where the message is gone; the one that is on record where it asks for that already */
    public function record(Id $enquiry, Right $right, User $by): ?RightsRequest
    {
        return DB::transaction(function () use ($enquiry, $right, $by): ?RightsRequest {
            $message = Enquiry::query()->with('edition.point')->whereKey($enquiry->bytes)->lockForUpdate()->first();
            if ($message === null) {
                return null;
            }
            $request = RightsRequest::query()->where('enquiry_id', $enquiry->bytes)->where('asks', $right)->first();
            if ($request !== null) {
                return $request;
            }
            // What is to be answered is not closed, and not deleted by itself.
            if ($message->state === EnquiryState::Closed) {
                $message->update(['state' => EnquiryState::Open, 'closed_at' => null, 'deleted_at' => null, 'user_id' => null]);
            }
            $this->log->write($by, ActKind::RecordedRequest, $message->edition->point->slug, $right->value);

            return RightsRequest::query()->create([
                'point_edition_id' => $message->point_edition_id, 'enquiry_id' => $message->id, 'asks' => $right, 'received_at' => $message->received_at,
                'due_on' => $this->deadline($message->edition->digest, $message->received_at)->due,
            ]);
        }, 3);
    }

    /**
     * The person was told, with the reason, that it takes longer.
     *
     * @throws Refused where no more time can be taken, or the first is over, or nothing says why
     */
    public function extend(RightsRequest $request, string $why, User $by): void
    {
        $this->change($request, ActKind::ExtendedRequest, $by, function (RightsRequest $now) use ($why): void {
            $why = trim($why);
            $longer = $this->deadline($now->edition->digest, $now->received_at, extended: true);
            $grounds = match (true) {
                $now->answered_at !== null, $now->why_longer !== null, ! $longer->law->canBeExtended() => ActRefusal::NoMoreTime,
                $this->clock->today()->isAfter($now->due_on) => ActRefusal::TimeIsOver,
                $why === '' || mb_strlen($why) > self::WHY => ActRefusal::WhyLonger,
                default => null,
            };
            if ($grounds !== null) {
                throw Refused::because($grounds, most: (string) self::WHY);
            }
            $now->update(['why_longer' => $why, 'due_on' => $longer->due]);
        });
    }

    /** @throws Refused where somebody answered it already */
    public function answer(RightsRequest $request, User $by): void
    {
        $this->change($request, ActKind::AnsweredRequest, $by, function (RightsRequest $now): void {
            if ($now->answered_at !== null) {
                throw Refused::because(ActRefusal::AnsweredAlready);
            }
            $now->update(['answered_at' => $this->clock->instant()]);
        });
    }

    /** It was not answered after all. */
    public function reopen(RightsRequest $request, User $by): void
    {
        $this->change($request, ActKind::ReopenedRequest, $by, static function (RightsRequest $now): void {
            if ($now->enquiry_id === null) {
                throw Refused::because(ActRefusal::MessageGone);
            }
            $now->update(['answered_at' => null]);
            Enquiry::query()->whereKey($now->enquiry_id->bytes)->where('state', EnquiryState::Closed)
                ->update(['state' => EnquiryState::Open, 'closed_at' => null, 'deleted_at' => null]);
        });
    }

    /** The message asked for nothing of the kind. */
    public function drop(RightsRequest $request, User $by): void
    {
        $this->change($request, ActKind::DroppedRequest, $by, static function (RightsRequest $now): void {
            if ($now->answered_at !== null) {
                throw Refused::because(ActRefusal::AnsweredAlready);
            }
            $now->delete();
        });
    }

    /** @throws Refused while something that a message asks for is not answered */
    public static function refuseWhileOpen(Id $enquiry): void
    {
        $open = RightsRequest::query()->where('enquiry_id', $enquiry->bytes)->whereNull('answered_at')->orderBy('due_on')->first();
        if ($open !== null) {
            $right = lcfirst((string) __("office.rights.{$open->asks->value}.name"));
            throw Refused::because(ActRefusal::RequestOpen, right: $right, day: Moments::plain($open->due_on->text));
        }
    }

    /** By the law of the country in which whoever answers has its seat today. */
    private function deadline(Digest $edition, Instant $received, bool $extended = false): AnswerDeadline
    {
        $controller = $this->inForce->registers()->controller($this->published->edition($edition)->controller->id);

        return AnswerDeadline::of(Day::at($received, Moments::zone()), $controller->country, $extended);
    }

    /** @param  callable(RightsRequest): void  $do */
    private function change(RightsRequest $request, ActKind $act, User $by, callable $do): void
    {
        DB::transaction(function () use ($request, $act, $by, $do): void {
            $now = RightsRequest::query()->with('edition.point')->whereKey($request->id)->lockForUpdate()->first()
                ?? throw Refused::because(ActRefusal::RequestGone);
            $do($now);
            $this->log->write($by, $act, $now->edition->point->slug, $now->asks->value);
        }, 3);
    }
}
