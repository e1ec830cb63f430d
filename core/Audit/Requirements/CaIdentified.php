<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Regime;
use Juramen\Wording\Frames\Meaning;

/** Canada: who asks, a mailing address, one more contact, and that consent can be withdrawn. */
final class CaIdentified extends FormRequirement
{
    /** What a foreign page's organisation is known by: its legal form, or the sign of its copyright. */
    private const ORGANISATION = '~\b(?:[Ii]nc|Ltd|Limited|Corp|Ltée|LLP|LLC|GmbH|AG|SA|SAS|SARL|AB|ApS|A/S'
        .'|plc|Society|Association|Club|Co-op|University)\b|©~u';

    /** A street or box with a number and, somewhere, a postal code or the country's name. */
    private const STREET = '~\b\d{1,5}[a-z]?,?\s+(?:\p{Lu}\p{L}+|(?:rue|rang|chemin|boul|avenue|route|place|quai|côte|montée)\b)|'
        .'\p{Lu}[\p{L}’\'-]+(?:\s\p{Lu}?[\p{L}’\'-]+)*\s\d{1,5}\b|\b(?:P\.?\s?O\.?\s?Box|C\.?\s?P\.?)\s*\d+~u';

    /** What makes it a mailing address: a postal code, a province, or the country. */
    private const PLACE = '~\b[ABCEGHJ-NPRSTVXY]\d[A-Z]\s?\d[A-Z]\d\b|\b\d{5}(?:-\d{4})?\b|\b[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}\b|'
        .'\b(?:Canada|Alberta|British Columbia|Manitoba|New Brunswick|Newfoundland|Nova Scotia|Nouvelle-Écosse|Ontario'
        .'|Prince Edward Island|Qu[ée]bec|Saskatchewan|Yukon|Nunavut|ON|QC|NS|NB|BC|AB|MB|SK|PE|NL'
        .'|United Kingdom|Ireland|Germany|Deutschland|France|Denmark|Danmark|Sweden|Sverige|Norway|United States|USA)\b~u';

    private const CONTACT = '~[\w.+-]+@[\w-]+\.[\w.-]+|\+?\d[\d ()./-]{6,}\d|https?://\S+~u';

    public function id(): string
    {
        return 'ca-identified';
    }

    public function title(): string
    {
        return 'Canada: who asks can be reached by post and one way more.';
    }

    public function source(): Source
    {
        return new Source('CASL s. 10; SOR/2012-36 s. 4', SourceKind::Law);
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->audience->isUnder(Regime::Canada) || ! $reading->isAboutConsent()) {
            return $this->notApplicable('Nothing says that people in Canada are asked.');
        }
        $page = $reading->text."\n".$reading->around->text;
        $named = $reading->sheet === null ? preg_match(self::ORGANISATION, $page) === 1
            : str_contains($page, $reading->sheet->controller->name);
        $missing = array_values(array_filter([
            $named ? null : 'who asks',
            preg_match(self::STREET, $page) === 1 && preg_match(self::PLACE, $page) === 1 ? null : 'a mailing address',
            preg_match(self::CONTACT, $page) === 1 ? null : 'a telephone number, email or web address',
            $reading->listener()->hears($page, Meaning::CanEnd) ? null : 'that consent can be withdrawn',
        ]));
        if ($missing === []) {
            return $this->met('Who asks is identified as Canada demands.', $reading->where);
        }
        $says = 'For people in Canada it does not say '.implode(', nor ', $missing).'.';

        return $reading->around->whole
            ? [$this->finding(Verdict::Breach, $says, $reading->where, null, 'Say it on the form itself.')]
            : [$this->finding(Verdict::Open, $says, $reading->where, null, 'Does the page around the form say it?')];
    }
}
