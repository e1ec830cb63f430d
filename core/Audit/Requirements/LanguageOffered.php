<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Result;
use Juramen\Audit\Selector;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Register\Language;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\Listener;
use Juramen\Wording\ReadingEase;

/** All words exist in each language offered; on foreign pages, the consent is in the page's language. */
final class LanguageOffered extends FormRequirement
{
    /** Words of a sentence, below which its language is not told by itself. */
    private const SENTENCE = 6;

    public function id(): string
    {
        return 'language-offered';
    }

    public function title(): string
    {
        return 'All words are there in every language offered.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 12(1)', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function judgesUnfinished(): bool
    {
        return true;
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        if ($reading->of === ReadingOf::Words || $reading->of === ReadingOf::Statement) {
            return $this->judgeWords($reading);
        }
        if ($reading->isUnread()) {
            return [$this->finding(
                Verdict::Open, "The page is in {$reading->around->tongue()}, which is not read here: what its words say was not judged.", $reading->where, null,
                'Who knows the language and says what the words ask for, how it ends, and who is named? Juramen reads '.Language::list().'.'
            )];
        }
        $strange = $this->inOtherLanguages($reading);
        if (! $reading->isAboutConsent() && ($strange === [] || ! $reading->kind->asksForConsent())) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        if ($reading->sheet !== null) {
            $findings = [];
            foreach ($reading->sheet->missing as $text) {
                $language = $text->language->endonym();
                $findings[] = new Result(
                    $this, Verdict::Breach, ucfirst($text->what), $text->place, null, "Write it in $language, or do not offer $language.", unwritten: true
                );
            }
            foreach ($reading->sheet->demandedLanguages as $language) {
                $findings[] = $this->finding(
                    Verdict::Weakness, "The house demands {$language->endonym()}, which this form does not offer.", Place::of('languages'), null,
                    "Offer {$language->endonym()}, with all texts."
                );
            }

            return $findings === [] ? $this->met('Every text is there in every language offered.') : $findings;
        }
        if ($reading->around->language === null) {
            return $this->notApplicable('The page does not say which language it is in.');
        }
        $said = $reading->around->language;
        foreach ($this->wordsOfConsent($reading) as [$where, $words]) {
            $language = LanguageGuess::of($words);
            if ($language !== null && $language !== $said) {
                // What is in another language as a whole is read out wrongly, whoever understands it.
                $whole = $language === $reading->language;

                return [
                    $this->finding(
                        Verdict::Weakness, $whole ? "The page says that it is in {$said->endonym()}, and the form is in {$language->endonym()}."
                            : "The page is in {$said->endonym()}, the consent in {$language->endonym()}.", $where, Found::all($words),
                        ($whole ? "Write lang=\"$language->value\" where it begins, or the form in " : 'Write the consent in ').$said->endonym().'.'
                    ),
                ];
            }
        }

        return $this->met('The consent is in the page\'s language.', $reading->consents()[0]->where ?? $reading->where);
    }

    /** @return list<array{Place|Selector, string}> each with where it stands; where nothing is ticked, the form itself says what is agreed to */
    private function wordsOfConsent(Reading $reading): array
    {
        $controls = array_map(static fn (Control $c): array => [$c->where, $c->label], $reading->consents());
        array_push($controls, ...$this->inOtherLanguages($reading));

        return $controls === [] ? [[$reading->where, $reading->text]] : $controls;
    }

    /** @return list<array{Place|Selector, string}> boxes that ask for consent in another language: read in the page's, they ask for nothing that is known */
    private function inOtherLanguages(Reading $reading): array
    {
        $controls = [];
        foreach ($reading->page->others ?? [] as $other) {
            $language = $other->response === null ? null : LanguageGuess::of($other->label);
            if ($language !== null && $language !== $reading->language && Listener::in($language)->hears($other->label, Meaning::Sends)) {
                $controls[] = [$other->where, $other->label];
            }
        }

        return $controls;
    }

    /**
     * Words in another language than their field's, all of them or a sentence.
     *
     * @return non-empty-list<Result>
     */
    private function judgeWords(Reading $reading): array
    {
        $language = $reading->language;
        if ($language === null || trim($reading->text) === '') {
            return $this->notApplicable('Nothing says which language it should be in.');
        }
        $severe = $reading->of === ReadingOf::Statement ? Verdict::Breach : Verdict::Weakness;
        $guess = LanguageGuess::of($reading->text);
        if ($guess !== null && $guess !== $language) {
            return [$this->finding(
                $severe, "The words are in {$guess->endonym()}, and stand where {$language->endonym()} should.", $reading->where, Found::all($reading->text),
                "Write them in {$language->endonym()}."
            )];
        }
        if (! LanguageGuess::reads($reading->text, $language)) {
            return [$this->finding(
                Verdict::Open, "The words are not read as {$language->endonym()}, so nothing else was judged.", $reading->where, Found::all($reading->text),
                "Are they {$language->endonym()}, in whole words? Juramen reads ".Language::list().'.'
            )];
        }
        $others = array_values(array_filter(ReadingEase::sentences($reading->text), static function (string $sentence) use ($language): bool {
            $guess = (int) preg_match_all("~\p{L}[\p{L}\p{Cf}]*~u", $sentence) < self::SENTENCE ? null : LanguageGuess::of($sentence);

            return $guess !== null && $guess !== $language;
        }));
        if ($others !== []) {
            $most = 2 * mb_strlen(implode(' ', $others)) > mb_strlen($reading->text);
            $other = LanguageGuess::of($others[0])?->endonym();

            return [$this->finding(
                $most ? $severe : Verdict::Weakness, $most ? "Most of it is in $other." : "A sentence is in $other.", $reading->where,
                Found::first($others[0], $reading->text), "Write it in {$language->endonym()}."
            )];
        }

        return $this->met('The words are in the language that they should be in.', $reading->where);
    }
}
