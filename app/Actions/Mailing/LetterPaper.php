<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Support\Moments;
use Illuminate\Support\Facades\View;
use Juramen\Points\FrozenMail;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Symfony\Component\Mime\Email;

/** What all mails to people outside have in common: their words, what the law wants under them, as HTML and as text. */
final readonly class LetterPaper
{
    public function __construct(
        private Sheet $sheet, private Controller $controller, private Language $language, private FrozenMail $words, private ?MailSign $sign
    ) {}

    /** @param  string  $view  of resources/views/mail */
    public function write(Email $mail, string $view, LetterParts $parts = new LetterParts): Email
    {
        $html = $this->rendered($view, $parts, false, $this->sign?->link());
        $mail->subject($this->words->word('subject'))->html($html)->text($this->text($view, $parts));

        return $this->sign?->addTo($mail) ?? $mail;
    }

    /**
     * As it is looked at, without a mail around it.
     *
     * @param  bool  $dark  as a program with dark colours shows it, whatever the screen's
     */
    public function html(string $view, LetterParts $parts, bool $dark = false): string
    {
        return $this->rendered($view, $parts, $dark, $this->sign?->inline());
    }

    public function text(string $view, LetterParts $parts): string
    {
        return html_entity_decode($this->rendered("$view-text", $parts, false, null), ENT_QUOTES | ENT_HTML5);
    }

    private function rendered(string $view, LetterParts $parts, bool $dark, ?string $sign): string
    {
        return View::file(resource_path("views/mail/$view.blade.php"), [
            'words' => $this->words, 'controller' => $this->controller, 'language' => $this->language, 'dark' => $dark,
            'sign' => $sign, 'wide' => $this->sign?->width, 'tall' => $this->sign?->height,
            'closing' => $this->controller->closing->orNothing($this->language),
            'notice' => ($this->sheet->draft->notice ?? $this->controller->notice)->orNothing($this->language),
            'statements' => $parts->statements, 'link' => $parts->link, 'stop' => $parts->stop, 'greeting' => $parts->greeting,
            'notTheirs' => $parts->notTheirs, 'stopping' => $parts->stopping ?? $this->words,
            'gift' => $this->words->word('gift') === '' ? null : $parts->gift,
            'giftText' => str_replace(':until', Moments::dayIn($parts->gift?->until, $this->language), $this->words->word('gift')),
        ])->render();
    }
}
