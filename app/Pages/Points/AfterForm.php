<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;

/** The controls of what people see once they have sent a form, and once they have confirmed. */
final readonly class AfterForm
{
    /** @param  list<AfterLines>  $languages */
    private function __construct(public Choice $inPlace, public array $languages, public bool $isOpen, public string $hosts) {}

    /** @param  list<string>  $hosts  to which forms may lead people */
    public static function of(SheetDraft $draft, array $hosts): self
    {
        $after = $draft->after;

        return new self(Choice::yesNo(
            'after/in-place', 'What stands after sending', $after->inPlace, 'takes the place of the form', 'is a page of its own'
        ), array_map(static fn (Language $l): AfterLines => new AfterLines(
            $l->endonym(), $l->value,
            new Line("after/sent/{$l->value}", "After sending, {$l->endonym()}", $after->sent->orNothing($l), 'nothing more', 'area', false),
            new Line(
                "after/confirmed/{$l->value}", "After confirming, {$l->endonym()}", $after->confirmed->orNothing($l), 'nothing more', 'area', false
            ),
            new Line("after/next/{$l->value}", "Next step, {$l->endonym()}", $after->next->orNothing($l), 'no next step', needed: false),
            new Line("after/next-to/{$l->value}", "Where the next step leads, {$l->endonym()}", $after->nextTo->orNothing($l), 'https://', 'url', false),
            new Line("after/sent-to/{$l->value}", "Led elsewhere after sending, {$l->endonym()}", $after->sentTo->orNothing($l), 'our own page', 'url', false),
            new Line(
                "after/confirmed-to/{$l->value}", "Led elsewhere after confirming, {$l->endonym()}", $after->confirmedTo->orNothing($l), 'our own page', 'url',
                false
            ),
        ), $draft->languages), $after->document()->members() !== [], $hosts === [] ? 'none; the house rules name them' : implode(', ', $hosts));
    }
}
