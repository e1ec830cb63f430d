<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Regime;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;

/** Where people are written to without consent, their right to object stands clearly, and apart from other words. */
final class ObjectionHighlighted extends FormRequirement
{
    /** Words in one sentence, above which the right is buried rather than shown apart (our reading of "clearly and separately"). */
    private const BURIED = 35;

    public function id(): string
    {
        return 'objection-highlighted';
    }

    public function title(): string
    {
        return 'The right to object is shown clearly and apart.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 21(2) to (4)', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Statement;
    }

    public function judge(Reading $reading): array
    {
        $relying = $this->relying($reading);
        if ($relying === []) {
            return $this->notApplicable('Nobody is written to here without having consented.');
        }
        $findings = [];
        foreach ($relying as $control) {
            $said = $this->sentence($reading, $control->label) ?? $this->sentence($reading, $reading->text);
            $findings[] = match (true) {
                $said === null && ! self::isDemandedAtOnce($reading) => $this->finding(
                    Verdict::Open, 'The right to object to being written to is not shown here.', $control->where, null,
                    'Is it told elsewhere on the page, or at the latest with the first message (Art. 21(4))?'
                ),
                $said === null => $this->finding(
                    Verdict::Breach, 'The right to object to being written to is not shown.', $control->where, null,
                    'Say in a sentence of its own: "You can object to this at any time, at no cost beyond the basic rate."'
                ),
                preg_match_all("~\p{L}+~u", $said) > self::BURIED => $this->finding(
                    Verdict::Open, 'The right to object stands within a long sentence.', $control->where, Found::first($said, $control->label),
                    'Is it shown apart from everything else? Better: give it a sentence of its own.'
                ),
                default => null,
            };
        }
        $findings = array_values(array_filter($findings));

        return $findings === [] ? $this->met('The right to object is said in a sentence of its own.', $relying[0]->where) : $findings;
    }

    /** @return list<Control> that rely on another ground than consent */
    private function relying(Reading $reading): array
    {
        return array_values(array_filter($reading->consents(), $reading->isForCustomers(...)));
    }

    /**
     * Whether the right must be told where the address is collected: on our own forms, and on whole pages in Germany (UWG s. 7(3) no. 4);
     * elsewhere the first message will do (GDPR Art. 21(4)). From memory.
     */
    public static function isDemandedAtOnce(Reading $reading): bool
    {
        return $reading->isOurs() || ($reading->around->whole && $reading->audience->isUnder(Regime::Germany));
    }

    private function sentence(Reading $reading, string $text): ?string
    {
        return $reading->listener()->first($text, Meaning::CanObject)?->words->words;
    }
}
