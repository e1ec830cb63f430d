<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\PageInput;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;

/** Of fields of which some must be filled in and some need not, either kind says so, or a sentence does. */
final class OptionalMarked extends FormRequirement
{
    public function id(): string
    {
        return 'optional-marked';
    }

    public function title(): string
    {
        return 'Required and optional fields are told apart.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 13(2)(e); WCAG 2.2, 3.3.2', SourceKind::Law, 'whether a mark beside each field is needed, or a sentence does');
    }

    private const SENTENCE = '~\*|\b(?:required|optional|mandatory|pflichtfeld\w*|pflichtangaben?|erforderlich\w*|freiwillig\w*|obligatoires?|facultati\w+'
        .'|obligatorisk\w*|valfri\w*|frivillig\w*|påkrævet|påkrævede|valgfri\w*|skal udfyldes|måste fyllas|müssen ausgefüllt'
        .'|(?:fill in|complete|answer|need) (?:everything|all(?: of (?:it|this|these|them))?)|(?:alles?|alle \w+) ausfüllen'
        .'|(?:remplir|complétez|remplissez) tou\w+|fyll i allt|allt (?:ska|måste)|udfyld (?:alt|alle)|alt skal'
        .'|(?:is|are) needed|(?:must|ha(?:ve|s) to) be (?:filled|answered)|doivent être (?:remplis|complétés)|(?:ska|behöver) fyllas i|auszufüllen'
        .'|(?:sind|ist) (?:nötig|pflicht)|requis\w*|à remplir|krävs|er nødvendig\w*)\b~iu';

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null) {
            return $this->notApplicable('Our own forms say of each field whether it is needed.');
        }
        $needed = array_values(array_filter($page->inputs, static fn (PageInput $i): bool => $i->required));
        $free = array_filter($page->inputs, static fn (PageInput $i): bool => ! $i->required);
        if (! $reading->collects() || $needed === [] || $free === []) {
            return $this->notApplicable('Its fields are all alike: each is needed, or none says so.');
        }
        $marked = static fn (PageInput $i): bool => $i->marked;
        if (count(array_filter($needed, $marked)) === count($needed) || count(array_filter($free, $marked)) === count($free)
            || preg_match(self::SENTENCE, $reading->text) === 1) {
            return $this->met('It is said which fields are needed.', $needed[0]->where);
        }

        return [$this->finding(
            Verdict::Weakness, "\"{$needed[0]->label}\" must be filled in and others need not, and nothing says which.", $needed[0]->where,
            Found::all($needed[0]->label), 'Write "(required)" beside what is needed, or "(optional)" beside what is not.'
        )];
    }
}
