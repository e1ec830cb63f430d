<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\PageLink;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Topic;

/** Third parties that will rely on the consent for their own use are named, or listed behind a link. */
final class RecipientsNamed extends FormRequirement
{
    public function id(): string
    {
        return 'recipients-named';
    }

    public function title(): string
    {
        return 'Who else will use the address is named.';
    }

    public function source(): Source
    {
        return new Source('GDPR Recital 42, Art. 13(1)(e); EDPB Guidelines 05/2020', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function judge(Reading $reading): array
    {
        $consents = $reading->kind->asksForConsent() ? $reading->consents() : [];
        $findings = [];
        $relied = false;
        foreach ($consents as $control) {
            $passes = $reading->find(Topic::PassesOn, $control->label);
            if ($passes === null) {
                continue;
            }
            $relied = true;
            if (! $this->isNamed($control->label, $passes->to) && ! $this->isListed($reading)) {
                $alone = $reading->around->links === [] && $reading->fields === [];
                $facts = $reading->factsOf($control);
                $findings[] = $this->finding(
                    $alone ? Verdict::Open : Verdict::Breach, 'The address is passed on, and nobody says to whom.', $control->where, $passes,
                    $alone ? 'Is the list of these companies linked beside the words? Better: name them here.'
                        : 'Name the companies, or link their list right here.',
                    $facts === null || $facts->recipients === '' ? null
                        : Mend::replace("Name {$facts->recipients}", $facts->where, $passes->words, "{$passes->words} ({recipients})")
                );
            }
        }
        if (! $relied) {
            return $this->notApplicable('Nothing says that anybody else will use the address.');
        }

        return $findings === [] ? $this->met('Who else will use the address is named or listed.', $consents[0]->where) : $findings;
    }

    /** Whether names follow: in brackets, after a colon, or after "namely". */
    private function isNamed(string $label, int $from): bool
    {
        return preg_match(
            '~^[^.]{0,30}?(?:\(|:|namely|nämlich|à savoir|such as|wie|comme|nämligen|såsom|nemlig)\s*(?:the |der |die |la |le )?\p{Lu}~u',
            mb_substr($label, $from)
        ) === 1;
    }

    private function isListed(Reading $reading): bool
    {
        return $reading->around->linksAbout(
            "partners {$reading->language?->value}",
            static fn (PageLink $link): bool => $link->leadsSomewhere() && $reading->speaksOf(Topic::Partners, $link->text)
        ) !== [];
    }
}
