<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Register\Language;

/** Which bytes an edition froze for one language. */
final readonly class FrozenLanguage
{
    /**
     * @param  non-empty-list<FrozenPage>  $pages  in the order shown
     * @param  list<FrozenMail>  $mails
     * @param  list<FrozenPage>  $second  the same pages in other words; none where there is one version
     */
    public function __construct(public Language $language, public Digest $css, public array $pages, public array $mails, public array $second = []) {}

    /** Whether chance decides which of two versions somebody is shown. */
    public function allots(): bool
    {
        return $this->second !== [];
    }

    /** Which version is shown with a visit mark. */
    public function version(Id $nonce): FormVersion
    {
        return $this->allots() ? FormVersion::allotted($nonce) : FormVersion::First;
    }

    /** @return non-empty-list<Digest> names of all bytes that it froze */
    public function digests(): array
    {
        return [$this->css, ...array_map(static fn (FrozenPage $p): Digest => $p->html, [...$this->pages, ...$this->second])];
    }

    /** @return non-empty-list<FrozenPage> */
    public function pagesOf(FormVersion $version): array
    {
        return $version === FormVersion::Second && $this->second !== [] ? $this->second : $this->pages;
    }

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
