<?php

declare(strict_types=1);

namespace Tests\Core;

use Juramen\Wording\LanguageGuess;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Pages as forms stand in them, made up: 24 kB of HTML, some 280 elements, 500 words and 60 links, about what is said of the median page of the web
 * (from memory). Their words are those of forms in the same language, which speak of consent more than pages do, in an order of their own on each:
 * no two sentences are alike.
 */
final class PageAround
{
    private readonly Randomizer $chance;

    /** @param  array<string, non-empty-list<string>>  $words  by language */
    private function __construct(private readonly array $words, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @param  list<FoundFormCase>  $forms  of which the words are */
    public static function wordsOf(array $forms, int $seed = 7): self
    {
        $words = [];
        foreach ($forms as $form) {
            preg_match_all('~\p{L}+~u', self::bare($form->html), $found);
            $language = self::languageOf($form);
            $words[$language] = array_merge($words[$language] ?? [], $found[0]);
        }

        return new self($words, $seed);
    }

    public function form(FoundFormCase $form): string
    {
        $language = self::languageOf($form);
        $words = fn (int $n): string => implode(' ', array_map(fn (): string => $this->oneOf($this->words[$language]), range(1, $n)));
        $links = fn (int $n): string => implode('', array_map(fn (): string => $this->link($words($this->chance->getInt(1, 3))), range(1, $n)));
        $within = preg_replace('~<!doctype[^>]*>|</?(?:html|head|body)\b[^>]*>~i', '', $form->html);

        return "<!doctype html><html lang=\"$language\"><head><meta charset=\"utf-8\"><title>{$words(4)}</title>{$this->head($words)}</head><body>"
            ."<header class=\"{$this->names()}\"><nav><ul>{$links(28)}</ul></nav></header><main>"
            .implode('', array_map(fn (): string => $this->section($words), range(1, 7)))."$within</main><footer><ul>{$links(24)}</ul><p>{$words(8)}</p></footer>"
            ."<script>!function(){var t={{$this->pairs(40)}};window.t=t}();</script></body></html>";
    }

    /** @param  callable(int): string  $words */
    private function head(callable $words): string
    {
        $metas = array_map(fn (): string => "<meta property=\"og:{$this->name()}\" content=\"{$words(6)}\">\n", range(1, 14));
        $loads = array_map(
            fn (): string => "<link rel=\"preload\" href=\"/build/{$this->name(20)}.css\" as=\"style\" integrity=\"sha384-{$this->name(44)}\">\n", range(1, 8)
        );
        $rules = array_map(fn (): string => ".{$this->name(30)}{margin:0 auto;padding:1rem 2rem;display:flex}\n", range(1, 20));

        return implode('', [...$metas, ...$loads, '<style>', ...$rules, '</style>']);
    }

    /** @param  callable(int): string  $words */
    private function section(callable $words): string
    {
        $sentence = fn (): string => ucfirst($words($this->chance->getInt(7, 15))).'.';

        return "<section class=\"{$this->names()}\"><div class=\"{$this->names()}\"><div class=\"{$this->names()}\" data-id=\"{$this->name(32)}\"><h2>{$words(4)}</h2>"
            ."<img class=\"{$this->names()}\" src=\"/img/{$this->name(32)}.webp\" alt=\"{$words(4)}\" width=\"800\" height=\"450\" loading=\"lazy\">\n"
            ."<p class=\"{$this->names()}\">{$sentence()} {$sentence()}</p>\n<p class=\"{$this->names()}\">{$sentence()} {$sentence()}</p>\n"
            ."<a class=\"{$this->names()}\" href=\"/x/{$this->name(32)}\">{$words(2)}<svg viewBox=\"0 0 24 24\" aria-hidden=\"true\"><path d=\"M{$this->numbers(24)}z\"/></svg></a></div></div></section>";
    }

    private function link(string $words): string
    {
        return "<li class=\"{$this->names()}\"><a class=\"{$this->names()}\" href=\"/{$this->name(12)}/{$this->name()}\"><span>$words</span></a></li>\n";
    }

    private function pairs(int $n): string
    {
        return implode(',', array_map(fn (): string => "\"{$this->name(32)}\":\"{$this->name(32)}\"", range(1, $n)));
    }

    private function numbers(int $n): string
    {
        return implode(' ', array_map(fn (): string => $this->chance->getInt(0, 24).'.'.$this->chance->getInt(0, 99), range(1, $n)));
    }

    private function names(): string
    {
        return implode(' ', array_map(fn (): string => "{$this->name()}-{$this->name(5)}", range(1, $this->chance->getInt(1, 4))));
    }

    private function name(int $letters = 8): string
    {
        return substr($this->chance->shuffleBytes(str_repeat('abcdefghijklmnopqrstuvwxyz', 2)), 0, $letters);
    }

    /** @param  non-empty-list<string>  $all */
    private function oneOf(array $all): string
    {
        return $all[$this->chance->getInt(0, count($all) - 1)];
    }

    private static function languageOf(FoundFormCase $form): string
    {
        return LanguageGuess::of(self::bare($form->html))->value ?? 'en';
    }

    private static function bare(string $html): string
    {
        return trim((string) preg_replace('~\s+~', ' ', strip_tags((string) preg_replace('~<(script|style)\b.*?</\1>~is', ' ', $html))));
    }
}
