<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Models\Subscriber;
use App\Queries\Screening\AlikeSignup;
use App\Support\Moments;

/** Subscribers who are likely of the same hand as one that was found to be a program's. */
final readonly class AlikePage
{
    /** @param  list<AlikeRow>  $rows */
    private function __construct(public string $person, public string $action, public array $rows) {}

    /** @param  list<AlikeSignup>  $alike */
    public static function of(Subscriber $subscriber, array $alike): self
    {
        $subject = $subscriber->subject->hex();

        return new self(route('evidence.person', $subject), route('evidence.alike', $subject), array_map(static fn (AlikeSignup $a): AlikeRow => new AlikeRow(
            $a->subscriber->subject->hex(), $a->email, Moments::exact($a->journey->asked_at), $a->journey->edition->point->slug,
            $a->journey->state->value, route('evidence.person', $a->subscriber->subject->hex())
        ), $alike));
    }
}
