<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use Juramen\Points\Sheet;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** The controls of what people see once they have sent a form, and once they have confirmed. */
final readonly class AfterForm
{
    /** @param  list<AfterLines>  $languages */
    private function __construct(public Choice $inPlace, public array $languages, public bool $isOpen, public string $hosts) {}

    /** @return list<Line> the places that say what is wrong with them */
    public function judged(): array
    {
        return array_merge(...array_map(static fn (AfterLines $l): array => [$l->nextTo, $l->sentTo, $l->confirmedTo], $this->languages));
    }

    /** @param  list<string>  $hosts  to which forms may lead people */
    public static function of(Sheet $sheet, array $hosts): self
    {
        [$draft, $after] = [$sheet->draft, $sheet->draft->after];
        $address = static fn (string $name, string $label, Texts $to, Language $l, string $empty): Line => new Line(
            "after/$name/{$l->value}", "$label, {$l->endonym()}", $to->orNothing($l), $empty, 'url', false, $sheet->leadsAstray($to->orNothing($l)), true
        );

        return new self(Choice::yesNo(
            'after/in-place', 'What stands after sending', $after->inPlace, 'takes the place of the form', 'is a page of its own'
        ), array_map(static fn (Language $l): AfterLines => new AfterLines(
            $l->endonym(), $l->value,
            new Line("after/sent/{$l->value}", "After sending, {$l->endonym()}", $after->sent->orNothing($l), 'nothing more', 'area', false),
            new Line(
                "after/confirmed/{$l->value}", "After confirming, {$l->endonym()}", $after->confirmed->orNothing($l), 'nothing more', 'area', false
            ),
            new Line("after/next/{$l->value}", "Next step, {$l->endonym()}", $after->next->orNothing($l), 'no next step', needed: false),
            $address('next-to', 'Where the next step leads', $after->nextTo, $l, 'https://'),
            $address('sent-to', 'Led elsewhere after sending', $after->sentTo, $l, 'our own page'),
            $address('confirmed-to', 'Led elsewhere after confirming', $after->confirmedTo, $l, 'our own page'),
        ), $draft->languages), $after->document()->members() !== [], $hosts === [] ? 'none; the house rules name them' : implode(', ', $hosts));
    }
}
