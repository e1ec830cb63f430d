<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

/** How the words of a page stand in lines, as a visitor reads them. */
final class Lines
{
    /** Elements that stand in a line of text; all others begin a new one. */
    private const INLINE = [
        'a' => true, 'abbr' => true, 'b' => true, 'bdi' => true, 'bdo' => true, 'cite' => true, 'code' => true, 'em' => true, 'font' => true,
        'i' => true, 'img' => true, 'kbd' => true, 'mark' => true, 'q' => true, 's' => true, 'small' => true, 'span' => true, 'strong' => true,
        'sub' => true, 'sup' => true, 'time' => true, 'u' => true, 'input' => true, 'wbr' => true, 'br' => true,
    ];

    /** Elements that begin a new line, within which a sentence may go on: "offers by<br>email". */
    private const TURNS = ['br' => true, 'small' => true];

    /** What stands for such a turn until a text is read. */
    private const TURN = "\x1e";

    /** A turn within a sentence: what follows goes on in small letters, or the line before ends with a comma, or with a word that leads on. */
    private const WITHIN_SENTENCE = '~(?<![.!?:;]) ?\x1e ?(?=\p{Ll})|(?<=,|\P{L}\p{Ll}|\P{L}\p{Ll}{2}|\P{L}\p{Ll}{3}) ?\x1e ?(?=[\p{L}\p{N}])'
        .'|(?<!\p{L})(?:unser|unsere[nmrs]?|euren?|ihre[nmrs]?|meine[nmrs]?|deine[nmrs]?|eine[nmrs]?|diese[nmrs]?|jede[nmrs]?|dass|oder|über|nach|durch|ohne|gegen'
        .'|möchte|darf|dürfen|können|werden|wird|haben|sind|your|their|with|from|that|about|this|these|will|each|every|votre|notre|leurs?|pour|avec|dans|sans'
        .'|chaque|från|eller|över|våra|vårt|dina|ditt|mina|varje|vores|jeres|deres|dine|mine|efter|uden|hver)\K ?\x1e ?(?=\p{L})~u';

    /** Where one element in a line ends or begins and another follows, until a text is read. */
    private const JOINT = "\x1f";

    /** A joint that nothing but looks part: "Letters from the river" and "Every Monday", each marked, with no space between. */
    private const PARTED = '~(?<=[\p{Ll}.!?:;,])\x1f+(?=\p{Lu})~u';

    /** What stands before the words of an element. */
    public static function before(string $name): string
    {
        return isset(self::TURNS[$name]) ? self::TURN : self::behind($name);
    }

    public static function behind(string $name): string
    {
        return self::isBlock($name) ? "\n" : self::JOINT;
    }

    /** Whether an element begins a line of its own. */
    public static function isBlock(string $name): bool
    {
        return ! isset(self::INLINE[$name]);
    }

    /** Whether a sentence goes on over a turn of its line. */
    public static function goOn(string $before, string $behind): bool
    {
        return preg_match(self::WITHIN_SENTENCE, rtrim($before).self::TURN.ltrim($behind)) === 1;
    }

    /** White space folded, turns resolved, and nothing left of what nobody sees. */
    public static function tidy(string $text): string
    {
        $text = trim($text, " \n");
        if (preg_match('~^[!-\~]*(?: [!-\~]+)*$~D', $text) === 1) {
            return $text;
        }

        $text = str_contains($text, self::JOINT) ? str_replace(self::JOINT, '', (string) preg_replace(self::PARTED, "\n", $text)) : $text;
        // Where a word may be parted or a line may end, nobody sees anything.
        $text = (string) preg_replace(['~[\x{ad}\x{200b}\x{2060}\x{feff}]+~u', '~[^\S\n]+~u'], ['', ' '], $text);
        $text = str_contains($text, self::TURN) ? (string) preg_replace(self::WITHIN_SENTENCE, ' ', $text) : $text;

        return trim((string) preg_replace('~ ?[\n\x1e][ \n\x1e]*~', "\n", $text), " \n");
    }
}
