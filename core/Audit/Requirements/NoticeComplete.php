<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\Words\WordLists;

/**
 * The privacy notice says all that Art. 13 asks for. Where its text is held here, each point that no word of it speaks of is asked for by itself;
 * whether what it says is right, only a person can tell.
 */
final class NoticeComplete extends PersonRequirement
{
    /** What it must say, by the point of Art. 13; the words with which notices say it stand in the lists of each language. */
    private const POINTS = [
        'purposes' => 'what the details are for (13(1)(c))',
        'basis' => 'the legal basis (13(1)(c))',
        'recipients' => 'who gets the details (13(1)(e))',
        'storage' => 'how long they are kept (13(2)(a))',
        'rights' => 'the rights to see, correct and erase (13(2)(b))',
        'withdrawal' => 'that consent can be withdrawn (13(2)(c))',
        'complaint' => 'where to complain (13(2)(d))',
        'required' => 'whether they must be given (13(2)(e))',
    ];

    public function id(): string
    {
        return 'notice-complete';
    }

    public function title(): string
    {
        return 'The privacy notice says all that it must.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 13(1), (2)', SourceKind::Law);
    }

    public function judge(Reading $reading): array
    {
        if ($reading->sheet === null || ! $reading->isAboutConsent()) {
            return $this->notApplicable('It is asked of points of ours that it concerns.');
        }
        $notice = self::held($reading->sheet->controller, $reading->language);
        if ($notice === '' || $reading->language === null) {
            return parent::judge($reading);
        }
        $silent = self::silent($reading->sheet->controller, $notice, $reading->language);
        $findings = [];
        foreach ($silent as $name => $says) {
            $findings[] = $this->finding(
                Verdict::Open, "No word of the notice held here seems to say $says.", Place::of('notice', $name), null, "Does the notice say $says?"
            );
        }

        return $findings === [] ? $this->met('The notice held here speaks of each point of Art. 13; whether it is right was not judged.') : $findings;
    }

    /** @return array<string, string> by point what nothing in a notice speaks of */
    private static function silent(Controller $controller, string $notice, Language $language): array
    {
        $named = static fn (string $point): bool => WordLists::first($language, "notice-$point", $notice) !== '';
        $officer = $controller->dpo === '' || str_contains($notice, $controller->dpo) ? []
            : ['officer' => 'how to reach the data protection officer (13(1)(b))'];

        return [
            ...str_contains($notice, $controller->name) ? [] : ['controller' => "who answers for it, $controller->name (13(1)(a))"],
            ...array_filter([...$officer, ...self::POINTS], static fn (string $point): bool => ! $named($point), ARRAY_FILTER_USE_KEY),
        ];
    }

    private static function held(Controller $controller, ?Language $language): string
    {
        return $language === null ? '' : trim($controller->noticeText->orNothing($language));
    }

    protected function why(): string
    {
        return 'The text of the notice is not held here, so nobody looked whether it is complete.';
    }

    protected function question(): string
    {
        return 'Does the notice say who, why and by what right, who gets it, how long it is kept, which rights people have, and where they can complain?';
    }
}
