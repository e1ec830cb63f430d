<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\HouseName;

/** Who asks is named: on the form, or plainly on its page. */
final class ControllerNamed extends FormRequirement
{
    public function id(): string
    {
        return 'controller-named';
    }

    public function title(): string
    {
        return 'Who asks is named.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 13(1)(a), Recital 42', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::AskerNamed];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->isAboutConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        if ($reading->of === ReadingOf::Statement) {
            return $this->met('Every form names the controller at its foot.', $reading->where);
        }
        if ($reading->sheet !== null) {
            return str_contains($reading->text.$reading->around->text, $reading->sheet->controller->name)
                ? $this->met('The controller is named on the form.', null, Found::all($reading->sheet->controller->name))
                : [
                    $this->finding(
                        Verdict::Breach, 'The controller is not named on the form.', $reading->where, null,
                        "Name {$reading->sheet->controller->name} on the form."
                    ),
                ];
        }
        $name = $reading->listener()->first($reading->text, Meaning::AskerNamed)->words ?? HouseName::in($reading->text)
            ?? $reading->around->once('name', static fn (): ?Found => HouseName::in($reading->around->text) ?? HouseName::ofTitle($reading->around->text));
        if ($name !== null) {
            return $this->met('Somebody is named; whether that is who answers for the form, only a person can say.', $reading->where, $name);
        }

        return $reading->around->whole
            ? [
                $this->finding(
                    Verdict::Breach, 'Neither the form nor its page says who asks.', $reading->where, null,
                    'Name the company in the words of the consent, with its legal form.'
                ),
            ]
            : [
                $this->finding(
                    Verdict::Open, 'The form does not say who asks; the page around it may.', $reading->where, null,
                    'Does the page name the controller plainly? Better: name it in the words of the consent.'
                ),
            ];
    }

    /** What the page's title calls who asks, without the legal form; empty where it names nobody by one. */
    public static function calledOn(Reading $reading): string
    {
        $found = $reading->around->whole ? HouseName::in(explode("\n", $reading->around->text, 2)[0]) : null;

        return $found === null ? '' : (string) preg_replace('~\s\S+$~u', '', $found->words);
    }

    /** Who asks, as the page's title and its words name them; empty where they name nobody. */
    public static function titleAndName(Reading $reading): string
    {
        return explode("\n", $reading->around->text, 2)[0]."\n".(HouseName::in($reading->around->text)->words ?? '');
    }
}
