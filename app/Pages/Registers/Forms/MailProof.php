<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Tab;
use App\Support\DraftProof;
use Juramen\Register\Language;
use Juramen\Wording\MailWording;

/** The proof of a mail beside its words, and the other ways to look at it. */
final readonly class MailProof
{
    /**
     * @param  string  $subject  as it stands in an inbox; empty where there is nothing to show
     * @param  list<list<Tab>>  $ways  that belong together
     * @param  string  $link  address of what stands in the frame
     * @param  string  $shown  the language that is shown
     * @param  array<string, string>  $query  as an address says how it is looked at
     */
    private function __construct(
        public string $width, public string $title, public string $subject, public array $ways, public string $link, public string $shown, public array $query
    ) {}

    /**
     * @param  non-empty-list<Language>  $languages
     * @param  callable(Language): string  $subject  of the mail in a language
     */
    public static function of(MailWording $mail, array $languages, MailView $view, callable $subject): self
    {
        $language = array_values(array_filter($languages, static fn (Language $l): bool => $l === $view->language))[0] ?? $languages[0];
        $tab = static fn (string $text, array $changed, bool $current): Tab => new Tab(
            $text, route('records.show', ['mail', $mail->id->text, ...$view->query($changed)]), $current
        );
        $names = ['given' => 'Named', 'none' => 'Unnamed', 'odd' => 'Odd'];

        return new self($view->width(), $mail->title().' in '.$language->endonym(), $subject($language), [
            array_map(static fn (Language $l): Tab => $tab($l->endonym(), ['shown' => $l->value], $l === $language), $languages),
            [
                $tab('Phone', ['width' => ''], ! $view->desktop), $tab('Desktop', ['width' => 'desktop'], $view->desktop),
                $tab('HTML', ['text' => ''], ! $view->text), $tab('Text', ['text' => '1'], $view->text),
            ],
            [
                $tab('Day', ['dark' => ''], ! $view->dark), $tab('Dark', ['dark' => '1'], $view->dark),
                ...array_map(
                    static fn (string $n, string $says): Tab => $tab($says, ['typed' => $n === 'given' ? '' : $n], $n === $view->name),
                    array_keys($names), $names
                ),
            ],
        ], route('mails.proof', [$mail->id->text, $language->value, DraftProof::keep($mail->document()), ...$view->query(['shown' => ''])]),
            $language->value, $view->query());
    }
}
