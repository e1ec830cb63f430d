<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use Juramen\Points\FormKind;
use Juramen\Points\FrozenMail;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailWording;
use Juramen\Wording\Statement;

/** A mail as somebody would get it who signs up at the first newsletter of its controller, or at its first form. */
final class MailSample
{
    /** A link that leads nowhere, as long as a real one is. */
    private const LINK = '/k1.c2FtcGxlLW9mLWEtbGluaw.b25seS1hLXNhbXBsZS1pdC1sZWFkcy1ub3doZXJlLWF0LWFsbA';

    public function __construct(private readonly RegistersInForce $inForce, private readonly MailWords $words) {}

    /** What it is put on; null where its controller has no form in that language. */
    public function of(MailWording $mail, Language $language): ?SampledMail
    {
        $registers = $this->inForce->registers();
        $controller = $registers->controllers->get($mail->controller);
        $sheets = array_values(array_filter(
            $this->inForce->sheets(),
            static fn (SheetOnFile $s): bool => $s->draft->controller->equals($mail->controller) && in_array($language, $s->draft->languages, true)
        ));
        if ($controller === null || $sheets === []) {
            return null;
        }
        $plain = array_values(array_filter($sheets, static fn (SheetOnFile $s): bool => $s->draft->kind === FormKind::Newsletter))[0] ?? $sheets[0];
        // What is not written on it yet is stood in for.
        $whole = $registers->complete($plain->draft)->filled();
        $sheet = new Sheet($whole->draft, $whole->statements, $whole->rules, [$mail]);

        return $this->sampled($mail->kind, $sheet, $controller, $language, $this->words->freeze($mail->kind->value, $language, $sheet, $controller));
    }

    private function sampled(MailKind $kind, Sheet $sheet, Controller $controller, Language $language, FrozenMail $words): SampledMail
    {
        $statements = array_values(array_filter(array_map(static fn (Statement $s): string => $s->words($language), $sheet->statements)));
        $view = match ($kind) {
            MailKind::Confirmation, MailKind::Second, MailKind::Reminder => 'confirmation',
            MailKind::Welcome => 'welcome',
            MailKind::Choices, MailKind::Details, MailKind::NoChosen => 'known',
            MailKind::Withdrawn, MailKind::Acknowledgement => 'acknowledgement',
        };

        $link = match (true) {
            $view === 'welcome' => url('/withdraw'.self::LINK),
            in_array($kind, [MailKind::Choices, MailKind::NoChosen], true) => null,
            default => url('/confirm'.self::LINK),
        };

        return new SampledMail(
            $this->words->paper($sheet, $controller, $language, $words), $view, $words, $controller,
            new LetterParts(array_slice($statements, 0, 1), $link, $view === 'known' ? url('/withdraw'.self::LINK) : null)
        );
    }
}
