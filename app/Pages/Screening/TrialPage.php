<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use App\Actions\Screening\TrialVisitor;
use App\Pages\Controls\Tab;
use Juramen\Register\Language;
use Juramen\Screening\Assessment;
use Juramen\Screening\Band;

/** What would have become of a trial, and why. */
final readonly class TrialPage
{
    /**
     * @param  list<SumLine>  $sum
     * @param  list<Tab>  $again  as whom it can be tried once more
     */
    private function __construct(public string $says, public string $shown, public array $sum, public string $total, public array $again) {}

    /** @param  Assessment|null  $of  null where the point is not screened */
    public static function of(?Assessment $of, string $token, TrialVisitor $as, Language $language): self
    {
        return new self(
            match ($of?->band) {
                null => 'It would have gone on: this point is not screened.',
                Band::Pass, Band::Puzzle => 'It would have gone on.',
                Band::Hold => 'It would have been held until an officer decides.',
                Band::Refuse => 'Its consents would have been refused; an enquiry, order or entry would have been held.',
            },
            'Whoever sent it would see the page that everybody sees behind this form, whatever became of it.',
            $of === null ? [] : SumLine::all($of), $of === null ? '' : 'Sum '.WeightRow::number($of->sum).", risk $of->risk %",
            array_map(static fn (TrialVisitor $v): Tab => new Tab(
                $v->says(), route('trial', [$token, $v->value, $language->value]), $v === $as
            ), TrialVisitor::cases())
        );
    }
}
