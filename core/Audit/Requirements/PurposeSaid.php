<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Register\Regime;
use Juramen\Wording\Found;
use Juramen\Wording\Lexicon;
use Juramen\Wording\Topic;

/** What will be sent or done is said, not only "marketing", "updates" or "to improve our services". */
final class PurposeSaid extends FormRequirement
{
    /** Words with content that a purpose needs beside vague ones: "sailings", "fares". Where nothing is vague, one will do. */
    private const NEEDED = 2;

    public function id(): string
    {
        return 'purpose-said';
    }

    public function title(): string
    {
        return 'What will be sent or done is said.';
    }

    public function source(): Source
    {
        return new Source(
            'GDPR Art. 13(1)(c), 5(1)(b); BGH VI ZR 721/15', SourceKind::Law, 'the German decision'
        );
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->isAboutConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        $results = [];
        foreach ($reading->consents() as $control) {
            $results[] = $this->judgeWords($reading, $control->label, $control);
        }
        if ($results === [] || $reading->kind === FormKind::Newsletter) {
            // On a form that serves only this, what stands beside the box is read with it.
            $whole = $this->judgeWords($reading, $reading->text, $reading->consents()[0] ?? null);
            $results = $whole->verdict === Verdict::Met || $results === [] ? [$whole] : $results;
        }
        $findings = array_values(array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding()));

        return $findings === [] ? [$results[0]] : $findings;
    }

    private function judgeWords(Reading $reading, string $text, ?Control $control): Result
    {
        $where = $control->where ?? $reading->where;
        $names = $reading->sheet === null ? [] : $reading->lexicons()[0]->contentWords($reading->sheet->controller->name);
        $content = [];
        foreach ($reading->lexicons() as $lexicon) {
            $content[] = $this->content($lexicon, $text, $reading, $names);
        }
        $content = array_intersect(...(count($content) > 1 ? $content : [$content[0], $content[0]]));
        $vague = $reading->find(Topic::Vague, $text);
        if (count(array_unique($content)) >= ($vague === null ? 1 : self::NEEDED)) {
            return new Result($this, Verdict::Met, 'It says what comes.', $where, Found::all(implode(' ', array_slice(array_unique($content), 0, 4))));
        }
        $mend = 'Say what comes, such as "one email a month with new sailings and fares".';
        if ($vague === null) {
            return $this->finding(Verdict::Breach, 'It does not say what will be sent or done.', $where, $control === null ? null : Found::all($text), $mend);
        }

        $strict = $reading->audience->isUnder(Regime::Germany);

        return $this->finding(
            $strict ? Verdict::Breach : Verdict::Weakness,
            "\"$vague->words\" says little".($strict ? '; in Germany the goods that are advertised must be named.' : '.'),
            $where, $vague, $mend, $this->change($reading, $control, $vague->words),
        );
    }

    /** What the registers say comes, in place of words that say little. */
    private function change(Reading $reading, ?Control $control, string $vague): ?Mend
    {
        $facts = $reading->factsOf($control);

        return $facts === null
            || $facts->contents === '' ? null : Mend::replace("Say “{$facts->contents}” for “{$vague}”", $facts->where, $vague, $facts->contents);
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private function content(Lexicon $lexicon, string $text, Reading $reading, array $names): array
    {
        foreach ($reading->fields as $field) {
            $text = str_replace($field->label, ' ', $text);
        }
        $text = $lexicon->without($text, Topic::AcceptsTerms, Topic::AcceptsNotice);
        // What is said about withdrawing, and what is only made known, says nothing of what comes.
        $parts = preg_split('/[.!?;,\n]+|\s(?:and|und|et|och|og)\s/u', $text) ?: [];
        $text = implode(
            ' . ',
            array_filter(
                $parts,
                static fn (string $s): bool => ! $lexicon->speaksOf(Topic::Withdrawal, $s)
                    && ! ($lexicon->speaksOf(Topic::Notice, $s) && ! $lexicon->speaksOf(Topic::Marketing, $s))
            )
        );
        $text = $lexicon->without($text, Topic::Notice, Topic::Technical, Topic::FieldEmail, Topic::FieldName, Topic::Vague, Topic::Partners);
        // Names of companies are no purpose.
        $text = (string) preg_replace(
            '~(?:\p{Lu}[\p{L}\p{N}&\'’-]+\s){1,4}(?=(?:may|can|will|darf|dürfen|wird|peut|pourra|får|kan|ska|må|vil)\s)|'
                .'\p{Lu}[\p{L}&\'’-]+(?:\s\p{Lu}[\p{L}&\'’-]+)*\s(?:Ltd|Limited|plc|Inc|GmbH|AG|SARL|SAS|SA|AB|A/S)\b\.?~u',
            ' ', $text
        );

        return array_values(array_diff($lexicon->contentWords($text), $names));
    }
}
