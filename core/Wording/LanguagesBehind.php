<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;
use Juramen\Register\Texts;

/**
 * In which languages a statement still says what it said before others were changed. Whoever approves can say of a language that it fits
 * all the same; a change catches it up.
 */
final readonly class LanguagesBehind
{
    /** @param  array<string, Language>  $behind */
    private function __construct(private ?Texts $texts, private array $behind) {}

    public static function none(): self
    {
        return new self(null, []);
    }

    /**
     * @param  Texts  $texts  of the next edition
     * @param  list<Language>  $fit  of which whoever approved it said that they still say the same
     */
    public function after(Texts $texts, array $fit): self
    {
        if ($this->texts === null) {
            return new self($texts, []);
        }
        $before = $this->texts;
        $written = $texts->languages();
        $changed = array_filter($written, static fn (Language $l): bool => ! $before->has($l) || $before->in($l) !== $texts->in($l));
        // Where only those change that were behind, they catch up, and leave nobody behind.
        $leaves = array_filter($changed, fn (Language $l): bool => ! isset($this->behind[$l->value])) !== [];
        $behind = [];
        foreach ($written as $language) {
            $stays = ! in_array($language, $changed, true) && ! in_array($language, $fit, true);
            if ($stays && ($leaves || isset($this->behind[$language->value]))) {
                $behind[$language->value] = $language;
            }
        }

        return new self($texts, $behind);
    }

    /** @return list<Language> */
    public function languages(): array
    {
        return array_values($this->behind);
    }
}
