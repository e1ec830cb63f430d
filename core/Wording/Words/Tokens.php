<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use IntlBreakIterator;
use LogicException;

/** Splits a sentence into words and marks, by ICU's rules (UAX 29), and by what the language writes together or apart. */
final class Tokens
{
    /** Letters of an ending that is set behind a colon. */
    private const ENDING = 3;

    /** A line of few words, three or more, all in capitals. */
    private const SHOUTED = '~^(?=.{0,50}$)\P{Ll}*\p{Lu}{2}\P{Ll}*\s\P{Ll}*\p{Lu}{2}\P{Ll}*\s\P{Ll}*\p{Lu}{2}\P{Ll}*$~uD';

    /** @return list<Token> */
    public static function of(string $text, Vocabulary $vocabulary): array
    {
        /** @var IntlBreakIterator|null $breaks made once, since ICU reads its rules for each */
        static $breaks = null;
        $breaks ??= IntlBreakIterator::createWordInstance('en') ?? throw new LogicException('ICU has no rules for words.');
        $breaks->setText($text);
        $shouts = preg_match(self::SHOUTED, $text) === 1;
        [$tokens, $from] = [[], 0];
        for ($to = $breaks->next(); $to !== IntlBreakIterator::DONE; $to = $breaks->next()) {
            $piece = substr($text, $from, $to - $from);
            if (trim($piece) !== '') {
                self::take($tokens, $piece, $from, $vocabulary, $shouts);
            }
            $from = $to;
        }

        return self::joined($tokens, $text);
    }

    /**
     * @param  list<Token>  $tokens
     * @param  bool  $shouts  whether it stands in a sentence of capitals, where none begins a name
     */
    private static function take(array &$tokens, string $piece, int $from, Vocabulary $vocabulary, bool $shouts): void
    {
        $plain = preg_match('~[\x80-\xFF]~', $piece) !== 1;
        $form = $plain ? strtolower($piece) : mb_strtolower($piece);
        $apart = strpos($form, "'");
        if ($apart !== false && $vocabulary->isElided(substr($form, 0, $apart)) && strlen($form) === strlen($piece) && $apart + 1 < strlen($form)) {
            $tokens[] = new Token(substr($form, 0, $apart), $from, $from + $apart + 1, true, ! $shouts && ctype_upper($piece[0]));
            $rest = substr($piece, $apart + 1);
            $capital = ! $shouts && preg_match('~^\p{Lu}~u', $rest) === 1;
            $tokens[] = new Token(substr($form, $apart + 1), $from + $apart + 1, $from + strlen($piece), true, $capital);

            return;
        }
        $word = $plain ? ctype_alnum($piece[0]) : preg_match('~[\p{L}\p{N}\p{So}]~u', $piece) === 1;
        $capital = $plain || ctype_upper($piece[0]) ? ctype_upper($piece[0]) : preg_match('~^\p{Lu}~u', $piece) === 1;
        $tokens[] = new Token($form, $from, $from + strlen($piece), $word, ! $shouts && $capital);
    }

    /**
     * "e-mail" is one word.
     *
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    private static function joined(array $tokens, string $text): array
    {
        if (strpbrk($text, '-:/\'’') === false) {
            return $tokens;
        }
        $joined = [];
        for ($i = 0, $n = count($tokens); $i < $n; $i++) {
            $token = $tokens[$i];
            if ($token->form === 'a' && ($tokens[$i + 1]->form ?? '') === '/' && ($tokens[$i + 2]->form ?? '') === 's' && $token->capital) {
                $joined[] = new Token('a/s', $token->from, $tokens[$i + 2]->to, true, true);
                $i += 2;
            } elseif ($token->form === 'e' && ($tokens[$i + 1]->form ?? '') === '-' && preg_match('~^(?:mail|post)~', $tokens[$i + 2]->form ?? '') === 1) {
                $joined[] = new Token('e'.$tokens[$i + 2]->form, $token->from, $tokens[$i + 2]->to, true, $token->capital);
                $i += 2;
            } elseif ($i > 0 && self::isOfMany($tokens[$i - 1], $token)) {
                continue;
            } elseif ($token->form === ':' && $joined !== [] && self::isEnding($joined[count($joined) - 1], $tokens[$i + 1] ?? null)) {
                // "sms:ar" is one word, with an ending that Swedish sets behind a colon.
                [$word, $ending] = [array_pop($joined), $tokens[++$i]];
                $joined[] = new Token($word->form.':'.$ending->form, $word->from, $ending->to, true, $word->capital);
            } elseif ($token->form === '-' && $i > 0 && $i + 1 < $n && $tokens[$i - 1]->to === $token->from && $tokens[$i + 1]->from === $token->to) {
                // A hyphen within a word parts nothing.
                $next = $tokens[++$i];
                $joined[] = new Token($next->form, $next->from, $next->to, $next->word, $next->capital, true);
            } else {
                $joined[] = $token;
            }
        }

        return $joined;
    }

    /** "The kids' club": the mark by which something is theirs. */
    private static function isOfMany(Token $word, Token $mark): bool
    {
        return ($mark->form === "'" || $mark->form === '’') && str_ends_with($word->form, 's') && $word->to === $mark->from;
    }

    private static function isEnding(Token $word, ?Token $ending): bool
    {
        return $ending !== null && $word->word && $ending->word && ! $ending->capital && strlen($ending->form) <= self::ENDING
            && $ending->from === $word->to + 1 && ctype_alpha($ending->form);
    }
}
