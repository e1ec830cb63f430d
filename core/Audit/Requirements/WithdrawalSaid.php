<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\EndingFrame;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\Phrases;

/** Before consent it is said that it can be withdrawn at any time. */
final class WithdrawalSaid extends FormRequirement
{
    public function id(): string
    {
        return 'withdrawal-said';
    }

    public function title(): string
    {
        return 'It is said that consent can be withdrawn at any time.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(3)', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::CanEnd, Meaning::HardToEnd, Meaning::NeverEnds, Meaning::EndingDemands];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->leadsToAdvertising()) {
            return $this->notApplicable('This form leads to no advertising.');
        }
        $consents = array_filter($reading->consents(), static fn (Control $c): bool => $reading->basisOf($c) === LegalBasis::Consent);
        if ($consents === [] && $reading->consents() !== []) {
            return $this->notApplicable('Nothing here stands on consent; the right to object is judged by itself.');
        }
        $where = $reading->consents()[0]->where ?? $reading->where;
        $hard = $reading->listener()->first($reading->text, Meaning::NeverEnds) ?? $reading->listener()->first($reading->text, Meaning::HardToEnd);
        if ($hard !== null) {
            return [$this->finding(
                Verdict::Breach, $hard->understood, $where, $hard->words,
                'Let it end as easily as it began, at any time: by a link in every email, or a word to whoever asks, without fee, reason or delay.',
                $this->easier($reading, $hard->words)
            )];
        }
        $said = $reading->listener()->first($reading->text, Meaning::CanEnd) ?? self::saidInTheirs($reading, Meaning::CanEnd);
        $demands = $consents === [] ? null : $this->halfSaid(
            $reading, array_values($consents)[0], Meaning::EndingDemands, 'Is that as easy as it was to agree? A link, or a word to whoever asks, must be enough.'
        );
        if ($demands !== null) {
            return [$demands];
        }
        if ($said !== null) {
            return $this->met('It is said on the form.', $reading->where, $said->words);
        }
        $mend = "Add to the words of the consent: \"{$this->sentence($reading)}\"";
        if (! $reading->around->whole && $reading->sheet === null) {
            return [
                $this->finding(
                    Verdict::Open, 'The form does not say that consent can be withdrawn; the page around it may.', $where, null,
                    'Is it said plainly beside the form? Better: '.lcfirst($mend)
                ),
            ];
        }
        $around = $reading->around->onceWithoutOthers(
            "ending {$reading->language?->value}",
            static fn (string $page): ?Sense => $reading->listener()->firstOnPage($page, Meaning::CanEnd, EndingFrame::NEEDS)
        );
        if ($around !== null) {
            return $this->met('It is said on the page.', null, $around->words);
        }

        return NoticeLinked::working($reading) !== null
            ? [
                $this->finding(
                    Verdict::Weakness, 'The form does not say that consent can be withdrawn; the linked notice may, but was not read.', $where, null, $mend,
                    $this->change($reading)
                ),
            ]
            : [$this->finding(Verdict::Breach, 'Nowhere is it said that consent can be withdrawn.', $where, null, $mend, $this->change($reading))];
    }

    /** How it ends, by what comes: a link in each email, an answer to each text; of what sends nothing, that it ends. */
    private function sentence(Reading $reading): string
    {
        $control = $reading->consents()[0] ?? null;
        $channels = $control->channels ?? [];
        $language = $reading->language ?? Language::English;
        $comes = $control === null || $reading->listener()->hears($control->label, Meaning::Sends);

        return match (true) {
            in_array(Channel::Email, $channels, true), $channels === [] && $comes => Phrases::withdrawal($language, Channel::Email, ''),
            in_array(Channel::Sms, $channels, true) => Phrases::withdrawal($language, Channel::Sms, ''),
            default => Phrases::withdrawalPlain($language),
        };
    }

    /** An easy way in place of the hard one; where the same sentence asks for consent, both are said anew. */
    private function easier(Reading $reading, Found $hard): ?Mend
    {
        $consent = $reading->consents()[0] ?? null;
        $facts = $reading->factsOf($consent);
        if ($consent === null || $facts === null) {
            return null;
        }
        $asks = array_filter(
            $reading->listener()->all($consent->label, Meaning::SendsBesides), static fn (Sense $s): bool => self::together($consent->label, $s->words, $hard)
        ) !== [];

        return $asks ? $this->askPlainly($reading, $consent, $hard, ' {withdrawal}')
            : Mend::rewrite('Say how it ends easily', $facts->where, $consent->label, $hard->from, '{withdrawal}');
    }

    /** Whether no sentence ends between two places. */
    private static function together(string $text, Found $a, Found $b): bool
    {
        [$from, $to] = [min($a->to, $b->to), max($a->from, $b->from)];

        return preg_match('~[.!?]\s~u', mb_substr($text, $from, max(0, $to - $from))) !== 1;
    }

    private function change(Reading $reading): ?Mend
    {
        $consent = $reading->consents()[0] ?? null;

        $facts = $reading->factsOf($consent);

        return $reading->sheet === null || $facts === null || $reading->language === null ? null
            : Mend::add(
                'Add “'.Phrases::withdrawal($reading->language, $consent->channels[0] ?? Channel::Email, $reading->sheet->controller->contact).'”',
                $facts->where, '{withdrawal}'
            );
    }
}
