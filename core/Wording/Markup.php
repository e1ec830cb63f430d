<?php

declare(strict_types=1);

namespace Juramen\Wording;

use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\InlinesOnly\InlinesOnlyExtension;
use League\CommonMark\MarkdownConverter;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/**
 * The limited markup of wording: *emphasis* and [links](https://...), as CommonMark writes them. Whatever else a text
 * carries is shown as it was typed. What comes out has gone through symfony/html-sanitizer.
 */
final class Markup
{
    /** The text as HTML: text, em, strong, and links to https, http and mailto addresses, which open beside the form. */
    public static function html(string $text): string
    {
        // One line each: in wording a break is a space, and nothing begins a block.
        $html = self::converter()->convert((string) preg_replace('/\s+/u', ' ', $text))->getContent();

        return trim(self::sanitizer()->sanitize($html));
    }

    /** The text as a reader takes it in, without markup. */
    public static function words(string $text): string
    {
        return trim(html_entity_decode(strip_tags(self::html($text)), ENT_QUOTES | ENT_HTML5, 'UTF-8'));
    }

    /** @return list<MarkupLink> */
    public static function links(string $text): array
    {
        preg_match_all('~<a href="([^"]*)"[^>]*>(.*?)</a>~u', self::html($text), $m, PREG_SET_ORDER);
        $plain = static fn (string $html): string => html_entity_decode(strip_tags($html), ENT_QUOTES | ENT_HTML5, 'UTF-8');

        return array_map(static fn (array $link): MarkupLink => new MarkupLink($plain($link[2]), $plain($link[1])), $m);
    }

    /** A name or address so that nothing in it is taken for markup. */
    public static function escape(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_\[\]<>&])/', '\\\\$1', $text);
    }

    private static function converter(): MarkdownConverter
    {
        static $converter = null;
        if (! $converter instanceof MarkdownConverter) {
            $environment = new Environment(['html_input' => 'escape', 'allow_unsafe_links' => false, 'max_nesting_level' => 10]);
            $converter = new MarkdownConverter($environment->addExtension(new InlinesOnlyExtension));
        }

        return $converter;
    }

    private static function sanitizer(): HtmlSanitizer
    {
        static $sanitizer = null;

        return $sanitizer instanceof HtmlSanitizer ? $sanitizer : $sanitizer = new HtmlSanitizer((new HtmlSanitizerConfig)
            ->allowElement('em')->allowElement('strong')->allowElement('a', ['href'])
            ->blockElement('code')->dropElement('img')
            ->allowLinkSchemes(['https', 'http', 'mailto'])
            ->forceAttribute('a', 'target', '_blank')->forceAttribute('a', 'rel', 'noopener noreferrer')
            ->withMaxInputLength(100_000));
    }
}
