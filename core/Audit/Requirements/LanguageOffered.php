<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Reading;
use Juramen\Audit\Requirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Lexicon;

/** All words exist in each language offered; on foreign pages, the consent is in the page's language. */
final class LanguageOffered implements Requirement
{
    use Judging;

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

    public function judge(Reading $reading): array
    {
        if (! $reading->isAboutConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        if ($reading->sheet !== null) {
            $findings = [];
            foreach ($reading->sheet->missingTexts as $place => $language) {
                $findings[] = $this->finding(Verdict::Breach, self::what($place)." is missing in $language, which the form offers.", $place, null, "Write it in $language, or do not offer $language.");
            }

            foreach ($reading->sheet->demandedLanguages as $language) {
                $findings[] = $this->finding(Verdict::Weakness, "The house demands {$language->endonym()}, which this form does not offer.", 'languages', null, "Offer {$language->endonym()}, with all texts.");
            }

            return $findings === [] ? $this->met('Every text is there in every language offered.') : $findings;
        }
        if ($reading->pageLanguage === null) {
            return $this->notApplicable('The page does not say which language it is in.');
        }
        foreach ($reading->consents() as $control) {
            $language = Lexicon::guess($control->label);
            if ($language !== null && $language !== $reading->pageLanguage) {
                return [$this->finding(Verdict::Weakness, "The page is in {$reading->pageLanguage->endonym()}, the consent in {$language->endonym()}.", $control->where, $control->label, "Write the consent in {$reading->pageLanguage->endonym()}.")];
            }
        }

        return $this->met('The consent is in the page\'s language.', $reading->consents()[0]->where ?? $reading->where);
    }

    /** What stands at a place of a sheet, as the office calls it. */
    private static function what(string $place): string
    {
        [$first, $number] = [...explode('/', $place), ''];

        return match ($first) {
            'title' => 'The title',
            'purpose-line' => 'The line under the title',
            'button' => 'The button\'s text',
            'fields' => 'The label of field '.((int) $number + 1),
            'statements' => 'Statement '.((int) $number + 1),
            default => 'This text',
        };
    }
}
