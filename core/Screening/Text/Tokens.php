<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/**
 * What a text is taken apart into: each word and each pair of neighbouring words once, in small letters, and what stands out besides words
 * (markup, where links lead, sums of money, shouting). Nothing of it says who wrote it.
 */
final class Tokens
{
    /** Bytes of a text that are looked at. */
    public const MOST = 60_000;

    /** Letters of a word; what is longer is told by its length alone. */
    private const LONGEST = 24;

    /** Characters that nobody sees, put between letters so that words are not known. */
    private const UNSEEN = '/[\x{00AD}\x{200B}-\x{200F}\x{2028}-\x{202E}\x{2060}-\x{2064}\x{FEFF}]/u';

    private const TAG = '/<\s*\/?\s*([a-z][a-z0-9]{0,9})\b([^<>]{0,400})>/i';

    private const PARAGRAPH = '/<\/?(?:p|br|div|td|tr|table|li|h\d|title|body|html)\b[^>]*>/i';

    private const ATTRIBUTE = '/\b(bgcolor|color|size|width|height|align|href|src|face|border)\s*=/i';

    private const ADDRESS = '#(?:https?://|www\.)([^\s/<>"\')]{1,60})#i';

    /**
     * @param  string  $text  of any length; what is no UTF-8 is passed over
     * @return list<string> each once
     */
    public static function of(string $text): array
    {
        $found = [];
        $text = (string) preg_replace(self::UNSEEN, '', mb_scrub(substr($text, 0, self::MOST), 'UTF-8'));
        if (str_contains($text, '<')) {
            $text = self::withoutMarkup($text, $found);
        }
        $text = self::withoutLinks($text, $found);
        foreach (['#!!' => '/!{2,}/', '#money' => '/[$£€]\s?\d/u', '#percent' => '/\d\s?%/'] as $what => $pattern) {
            if (preg_match($pattern, $text) === 1) {
                $found[$what] = true;
            }
        }
        self::words($text, $found);

        return array_map(strval(...), array_keys($found));
    }

    /** @param  array<array-key, true>  $found */
    private static function withoutMarkup(string $text, array &$found): string
    {
        if (preg_match_all(self::TAG, $text, $tags) > 0) {
            foreach (array_unique(array_map(strtolower(...), $tags[1])) as $name) {
                $found["<$name"] = true;
            }
            $within = implode("\n", $tags[2]);
            preg_match_all(self::ATTRIBUTE, $within, $attributes);
            foreach (array_unique(array_map(strtolower(...), $attributes[1])) as $name) {
                $found["@$name"] = true;
            }
            preg_match_all('#https?://([^/"\'\s>]{1,60})#i', $within, $links);
            foreach ($links[1] as $host) {
                $found['h:'.self::host($host)] = true;
            }
        }
        $text = (string) preg_replace(['/<!--.*?-->/s', self::PARAGRAPH], ['', ' '], $text);

        return (string) preg_replace('/<[^<>]{0,600}>/', '', html_entity_decode($text, ENT_QUOTES | ENT_HTML5));
    }

    /** @param  array<array-key, true>  $found */
    private static function withoutLinks(string $text, array &$found): string
    {
        if (preg_match_all(self::ADDRESS, $text, $links) === 0) {
            return $text;
        }
        $found['#link'] = true;
        foreach ($links[1] as $host) {
            $found['h:'.self::host($host)] = true;
            if (preg_match('/^[\d.]+(?::\d+)?$/', $host) === 1) {
                $found['#bare-address'] = true;
            }
        }

        return (string) preg_replace('#(?:https?://|www\.)\S+#i', ' ', $text);
    }

    /** @param  array<array-key, true>  $found */
    private static function words(string $text, array &$found): void
    {
        preg_match_all('/[\p{L}\p{N}][\p{L}\p{M}\p{N}\'’_-]{0,39}!?/u', $text, $words);
        [$before, $shouted] = ['', 0];
        foreach ($words[0] as $written) {
            $shouted += preg_match('/^\p{Lu}{4,}/u', $written);
            $word = mb_strtolower($written);
            $length = mb_strlen($word);
            if ($length < 2) {
                continue;
            }
            if (ctype_digit($word)) {
                $word = "0$length";
            } elseif ($length > self::LONGEST) {
                $word = '~'.intdiv($length, 10);
            }
            $found[$word] = true;
            if ($before !== '') {
                $found["$before $word"] = true;
            }
            $before = $word;
        }
        foreach ([3, 10] as $least) {
            if ($shouted >= $least) {
                $found["#shouted$least"] = true;
            }
        }
    }

    private static function host(string $host): string
    {
        return (string) preg_replace('/^www\./', '', strtolower($host));
    }
}
