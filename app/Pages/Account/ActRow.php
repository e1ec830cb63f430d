<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\Act;
use App\Models\ActKind;
use App\Models\ActSubject;
use App\Models\Point;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\Moments;

/** A line of the log: who, when, what, to what. */
final readonly class ActRow
{
    /**
     * @param  string  $before  what was done, up to what it was done to
     * @param  string  $after  the rest of the sentence
     */
    private function __construct(
        public string $at, public string $who, public string $before, public string $about, public ?string $link, public string $after, public string $detail
    ) {}

    /** @param  User|null  $reader  who gets links only to what they may look at; null for whoever may read the whole log */
    public static function of(Act $act, ActNames $names, ?User $reader = null): self
    {
        [$before, $after] = [...explode(':about', ActNames::says($act->kind), 2), ''];

        return new self(
            Moments::exact($act->at), $act->user->name ?? ($act->kind === ActKind::Invited ? 'The operator' : 'Somebody not signed in'), $before,
            str_contains(ActNames::says($act->kind), ':about') ? $names->of($act) : '',
            $reader === null || self::mayLook($reader, $act) ? $names->link($act) : null, $after, $act->detail
        );
    }

    private static function mayLook(User $reader, Act $act): bool
    {
        return match ($act->kind->subject()) {
            ActSubject::Person => $reader->can('viewAny', Subscriber::class),
            default => $reader->can('viewAny', Point::class),
        };
    }

    public function sentence(): string
    {
        return $this->before.$this->about.$this->after;
    }
}
