<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\Enquiry;
use App\Models\RightsRequest;
use App\Support\Moments;
use Juramen\Canon\Day;

/** What somebody asks, as a list and the message's own page show it. */
final readonly class RequestRow
{
    /**
     * @param  string  $name  such as "Access and a copy"
     * @param  string  $asks  as it goes on after "It asks"
     * @param  string  $stands  what is left of the time, or what became of it
     * @param  string  $email  empty where the message is deleted
     * @param  string|null  $enquiry  id of the message; null where that is deleted
     */
    private function __construct(
        public int $id, public string $name, public string $asks, public int $article, public string $received, public string $due, public string $stands,
        public bool $isUrgent, public bool $isAnswered, public string $why, public string $email, public ?string $enquiry, public string $form
    ) {}

    /** Days before the last one from which on it is urgent. */
    public const SOON = 7;

    /**
     * @param  Enquiry|null  $message  with which it came; null where that is deleted
     * @param  string  $point  what it is called
     */
    public static function of(RightsRequest $request, ?Enquiry $message, string $point, Day $today): self
    {
        $left = $today->until($request->due_on);
        $open = $request->answered_at === null;

        return new self(
            $request->id, (string) __("office.rights.{$request->asks->value}.name"), (string) __("office.rights.{$request->asks->value}.asks"),
            $request->asks->article(), Moments::date($request->received_at), Moments::plain($request->due_on->text),
            match (true) {
                ! $open => 'answered '.Moments::date($request->answered_at),
                $left < -1 => -$left.' days late',
                $left === -1 => 'a day late',
                $left === 0 => 'due today',
                $left === 1 => 'a day left',
                default => "$left days left",
            },
            $open && $left <= self::SOON, ! $open, (string) $request->why_longer, $message->content->email ?? '', $message?->id->hex(),
            "$point, edition {$request->edition->number}",
        );
    }
}
