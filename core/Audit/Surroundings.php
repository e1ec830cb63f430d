<?php

declare(strict_types=1);

namespace Juramen\Audit;

use ArrayObject;
use Juramen\Register\Language;
use Locale;

/**
 * What stands around a form, shared by all forms of a page: what is asked of it is told once. Of a fragment only what was given with the
 * form is known; the rest may be said elsewhere.
 */
final readonly class Surroundings
{
    /** What BCP 47 calls a language that is not known. */
    public const UNDETERMINED = 'und';

    /**
     * @param  bool  $whole  whether the whole page is known
     * @param  string  $text  all visible words of the page, with its title; empty for a fragment
     * @param  list<PageLink>  $links  on the form and, given the whole page, around it
     * @param  Language|null  $language  that the page says it is in
     * @param  string  $unread  the tag of a language that it says it is in, and that is not read here; empty where there is none
     * @param  ArrayObject<string, mixed>  $told
     * @param  string  $ofOthers  what the other forms of the page say, and what stands beside them
     */
    private function __construct(
        public bool $whole,
        public string $text,
        public array $links,
        public ?Language $language,
        private ArrayObject $told,
        public string $unread = '',
        private string $ofOthers = '',
    ) {}

    /** @param  list<PageLink>  $links */
    public static function of(bool $whole, string $text = '', array $links = [], ?Language $language = null): self
    {
        return new self($whole, $text, $links, $language, new ArrayObject);
    }

    /** The same page as another of its forms sees it: with the language that is said there, and what the others say. */
    public function seenFrom(?Language $language, string $unread, string $ofOthers = ''): self
    {
        return new self($this->whole, $this->text, $this->links, $language, $this->told, $unread, $ofOthers);
    }

    /** The words of the page without those lines that its other forms say: "unsubscribe at any time" in a letter's own corner. */
    private function withoutOthers(): string
    {
        return $this->ofOthers === '' ? $this->text : implode("\n", array_diff(explode("\n", $this->text), explode("\n", $this->ofOthers)));
    }

    /**
     * @template T
     *
     * @param  string  $what  a name for what is asked
     * @param  callable(string): T  $tell  of the words of the page without those of its other forms
     * @return T
     */
    public function onceWithoutOthers(string $what, callable $tell): mixed
    {
        $page = $this->withoutOthers();

        return $this->once($page === $this->text ? $what : $what.' '.hash('xxh128', $page), static fn (): mixed => $tell($page));
    }

    /** The language that is not read here, by its English name. */
    public function tongue(): string
    {
        return $this->unread === self::UNDETERMINED ? 'a language that could not be told' : (string) Locale::getDisplayLanguage($this->unread, 'en');
    }

    /**
     * @param  string  $what  a name for what is asked, the language included
     * @param  callable(PageLink): bool  $is  the answer for one
     * @return list<PageLink>
     */
    public function linksAbout(string $what, callable $is): array
    {
        return $this->once("links $what", fn (): array => array_values(array_filter($this->links, $is)));
    }

    /**
     * @template T
     *
     * @param  string  $what  a name for what is asked
     * @param  callable(): T  $tell
     * @return T
     */
    public function once(string $what, callable $tell): mixed
    {
        if (! $this->told->offsetExists($what)) {
            $this->told[$what] = $tell();
        }

        return $this->told[$what];
    }
}
