<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** Words found in a text. */
final readonly class Found
{
    /**
     * @param  int  $from  in characters (code points) from the beginning of the text
     * @param  int  $to  behind the last character
     */
    public function __construct(public string $words, public int $from, public int $to) {}

    /** The same where its text stands so many characters further on in another. */
    public function further(int $characters): self
    {
        return $characters === 0 ? $this : new self($this->words, $this->from + $characters, $this->to + $characters);
    }

    /** All of a text. */
    public static function all(string $text): self
    {
        return new self($text, 0, mb_strlen($text));
    }

    /** Words where they first stand in a text; all of it where they do not. */
    public static function first(string $words, string $text): self
    {
        $from = $words === '' ? false : mb_strpos($text, $words);

        return $from === false ? self::all($text) : new self($words, $from, $from + mb_strlen($words));
    }

    /** The same words in another text that has them: the second there where they were the second here. Null where it has them not so often. */
    public function in(string $here, string $there): ?self
    {
        if ($here === $there) {
            return $this;
        }
        $before = $this->words === '' ? 0 : mb_substr_count(mb_substr($here, 0, $this->from), $this->words);
        $from = -1;
        for ($n = 0; $n <= $before; $n++) {
            $from = $this->words === '' ? false : mb_strpos($there, $this->words, $from + 1);
            if ($from === false) {
                return null;
            }
        }

        return new self($this->words, $from, $from + mb_strlen($this->words));
    }
}
