<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\PageLink;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Wording\Found;
use Juramen\Wording\Words\WordClass;

/** A privacy notice is linked at the form or plainly on its page, and the link leads somewhere. */
final class NoticeLinked extends FormRequirement
{
    /** What a link is called that tells of data, and of nothing but them. */
    private const ON_DATA = '~^\s*(?:(?:vos |mes |gestion des )?données(?: personnelles)?|(?:om )?personuppgifter|sekretess|fortrolighed'
        .'|(?:personlige |dine )?oplysninger|personoplysninger|(?:ihre|meine) daten|(?:about )?your data|personal data|what happens to (?:my|your) data\??'
        .'|fair processing(?: notice)?)\s*$|\bwir ihre daten\b|\bumgang mit (?:ihren|deinen) daten\b'
        .'|\bdonnées personnelles\s*$|\bwe (?:do with|use|treat|handle) your data\b~iu';

    /** Where cookies are set, nothing is told. */
    private const SETTINGS = '~cookies?\W{0,3}(?:einstellung|settings|preferences|inställning|indstilling|auswahl|choices)'
        .'|(?:gérer|paramétrer|préférences|manage|hantera|administrer)\W.*cookies~iu';

    public function id(): string
    {
        return 'notice-linked';
    }

    public function title(): string
    {
        return 'The privacy notice is linked.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 12, 13', SourceKind::Law);
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->isAboutConsent() && ! $reading->collects()) {
            return $this->notApplicable('This form collects nothing about a person.');
        }
        $links = self::links($reading);
        $working = self::working($reading);
        $terms = self::brokenTerms($reading);
        if ($working !== null && $terms !== null) {
            return [$this->finding(
                Verdict::Breach, 'The link to the terms leads nowhere: "'.$terms->href.'".', $terms->where, Found::all($terms->text),
                'Put the address of the terms into the link.',
            )];
        }
        if ($working !== null) {
            return $this->met('A privacy notice is linked.', $working->where, Found::all($working->text));
        }
        if ($links !== [] && $links[0]->opensUnseen()) {
            return [$this->finding(
                Verdict::Open, "A button is called \"{$links[0]->text}\"; what it opens was not seen.", $links[0]->where, Found::all($links[0]->text),
                'Does it open the privacy notice, without a script as well? Better: link the notice.'
            )];
        }
        if ($links !== []) {
            return [$this->finding(
                Verdict::Breach, 'The link to the privacy notice leads nowhere: "'.$links[0]->href.'".', $links[0]->where, Found::all($links[0]->text),
                'Put the address of the privacy notice into the link.',
                $reading->isOurs() ? Mend::takeAway('Use the controller\'s notice', Place::of('notice')) : null,
            )];
        }

        return $reading->around->whole || $reading->sheet !== null
            ? [
                $this->finding(
                    Verdict::Breach, 'No privacy notice is linked on the form or its page.', $reading->where, null,
                    'Link the privacy notice beside the button.'
                ),
            ]
            : [
                $this->finding(
                    Verdict::Open, 'The form links no privacy notice; the page around it may.', $reading->where, null,
                    'Is the notice linked plainly on the page? Better: link it beside the button.'
                ),
            ];
    }

    public static function working(Reading $reading): ?PageLink
    {
        foreach (self::links($reading) as $link) {
            if ($link->leadsSomewhere()) {
                return $link;
            }
        }

        return null;
    }

    private static function brokenTerms(Reading $reading): ?PageLink
    {
        $listener = $reading->listener();
        // Most links lead somewhere, and what they are called does not matter.
        $isBroken = static fn (PageLink $link): bool => ! $link->leadsSomewhere() && ! $link->opensUnseen()
            && $listener->speaksOf($link->text, WordClass::Terms)
            && ! $listener->speaksOf($link->text, WordClass::Notice);

        return $reading->around->linksAbout("broken terms {$reading->language?->value}", $isBroken)[0] ?? null;
    }

    /** @return list<PageLink> */
    private static function links(Reading $reading): array
    {
        $isNotice = static fn (PageLink $link): bool => preg_match(self::SETTINGS, $link->text) !== 1
            && ($reading->listener()->speaksOfRarely($link->text, WordClass::Notice) || preg_match(self::ON_DATA, $link->text) === 1
            || preg_match('~privacy|datenschutz|confidentialit|data-?protection|integritet|privatliv|persondata|personuppgift|gdpr|dsgvo|rgpd'
                .'|(?:your|use|our)[-_](?:personal[-_])?data~i', $link->href) === 1);

        return $reading->around->linksAbout("notice {$reading->language?->value}", $isNotice);
    }
}
