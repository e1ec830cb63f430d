<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Actions\Mailing\MailWords;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use Juramen\Points\Registers;
use Juramen\Register\Language;
use Juramen\Wording\MailPart;
use Juramen\Wording\MailPlaceholder;
use Juramen\Wording\MailWording;

/** The controls of a mail: a line for each part and language, our own words where the house says nothing. */
final readonly class MailForm
{
    /** Characters that fit on a line; what may be longer grows with its words. */
    private const ON_A_LINE = 120;

    /**
     * @param  list<MailPartLines>  $parts
     * @param  list<string>  $locked  what stands in it and cannot be taken out
     * @param  list<Option>  $placeholders
     */
    private function __construct(
        public string $slug, public string $controller, public string $kind, public string $when, public array $parts, public array $locked,
        public array $placeholders, public MailProof $proof
    ) {}

    /**
     * @param  non-empty-list<Language>  $languages
     * @param  callable(Language): string  $subject  of the mail in a language
     */
    public static function of(MailWording $mail, Registers $registers, array $languages, MailView $view, callable $subject): self
    {
        $parts = array_map(static fn (MailPart $part): MailPartLines => new MailPartLines(
            $part->title(), array_map(static fn (MailPlaceholder $p): Option => new Option($p->written(), $p->says()), $part->placeholders()),
            array_map(static fn (Language $l): Line => new Line(
                "parts/{$part->value}/{$l->value}", "{$part->title()}, {$l->endonym()}", $mail->words($part, $l),
                MailWords::asWritten(MailWords::ours($mail->kind->value, $l)->word($part->value)) ?: 'nothing',
                $part->longest() > self::ON_A_LINE ? 'area' : 'text', needed: false
            ), $languages),
            $languages
        ), $mail->kind->parts());
        $used = array_merge([], ...array_map(static fn (MailPart $p): array => $p->placeholders(), $mail->kind->parts()));

        return new self(
            $mail->id->text, $registers->controllers->get($mail->controller)->name ?? $mail->controller->text, $mail->kind->title(), $mail->kind->when(),
            $parts, $mail->kind->locked(),
            array_values(array_map(static fn (MailPlaceholder $p): Option => new Option($p->written(), $p->says()), array_filter(
                MailPlaceholder::cases(), static fn (MailPlaceholder $p): bool => in_array($p, $used, true)
            ))),
            MailProof::of($mail, $languages, $view, $subject),
        );
    }
}
