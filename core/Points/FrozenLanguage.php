<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Digest;
use Juramen\Register\Language;

/** Which bytes an edition froze for one language. */
final readonly class FrozenLanguage
{
    /**
     * @param  non-empty-list<FrozenPage>  $pages  in the order shown
     * @param  list<FrozenMail>  $mails
     */
    public function __construct(public Language $language, public Digest $css, public array $pages, public array $mails) {}

    public function mail(string $kind): FrozenMail
    {
        foreach ($this->mails as $mail) {
            if ($mail->kind === $kind) {
                return $mail;
            }
        }

        return new FrozenMail($kind, []);
    }
}
