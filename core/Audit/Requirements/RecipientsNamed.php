<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\PageLink;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\WordClass;

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

    public function hears(): array
    {
        return [Meaning::PassedOn];
    }

    public function judge(Reading $reading): array
    {
        $consents = $reading->kind->asksForConsent() ? $reading->consents() : [];
        // Where sending is the act, or nobody is asked, its words stand beside no control.
        $given = $reading->givesAway();
        $consents = $given === null ? $consents : [...$consents, Control::ofWords($reading->where, $consents === [] ? $reading->text : $given->words->words)];
        $findings = [];
        $relied = false;
        foreach ($consents as $control) {
            $sense = $reading->listener()->first($control->label, Meaning::PassedOn) ?? $reading->listener()->first($control->label, Meaning::OthersMentioned);
            if ($sense === null) {
                continue;
            }
            $relied = true;
            $passes = $sense->words;
            if (! $sense->whole) {
                $findings[] = $this->finding(Verdict::Open, $sense->understood, $control->where, $passes, 'Do these others get the address? Then name them here.');
            } elseif ($sense->named === null && ! $this->isListed($reading) && ! $this->isSaidBeside($reading, $control, $passes->words)) {
                $links = array_filter($reading->around->links, static fn (PageLink $link): bool => ! $link->opensUnseen());
                $alone = $links === [] && $reading->fields === [];
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

    /** "Exhibitors may contact me", and beside it "the exhibitors are Brick and Beam Ltd and Nordlight AB". */
    private function isSaidBeside(Reading $reading, Control $control, string $passes): bool
    {
        $listener = $reading->listener();
        $others = $listener->find($passes, WordClass::Outsider)->words ?? '';
        // Whom the words themselves or the page's title name is who asks.
        $known = array_filter([$control->label, $listener->first($control->label, Meaning::CompanyNamed)?->words->words, ControllerNamed::calledOn($reading)]);
        foreach ($others === '' ? [] : explode("\n", (string) preg_replace('~(?<=[.!?])\s+~u', "\n", $reading->text)) as $said) {
            $tells = mb_stripos($said, $others) !== false && array_filter($known, static fn (string $words): bool => str_contains($said, $words)) === [];
            if ($tells && ! $listener->hears($said, Meaning::PassedOn) && $listener->hears($said, Meaning::CompanyNamed)) {
                return true;
            }
        }

        return false;
    }

    private function isListed(Reading $reading): bool
    {
        // The house's own name leads home, though it may be called after what it does.
        $isOwn = static fn (PageLink $link): bool => str_contains(ControllerNamed::titleAndName($reading), $link->text);

        return $reading->around->linksAbout("partners {$reading->language?->value}", static fn (PageLink $link): bool => $link->leadsSomewhere()
            && $reading->listener()->speaksOfRarely($link->text, WordClass::Outsider) && ! $isOwn($link)) !== [];
    }
}
