<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Register\Language;

/** A finding about a sheet, tied to its place by a number. */
final readonly class Note
{
    /**
     * @param  int  $number  from 1, most urgent first
     * @param  non-empty-list<Language>  $languages  in which it was found
     */
    public function __construct(public int $number, public Result $result, public array $languages) {}

    /** The requirement and the place, without its language: what is said of one place in several languages is one finding. */
    public function key(): string
    {
        return $this->result->requirement->id().' '.self::placeKey($this->result->where ?? '');
    }

    public static function placeKey(string $place): string
    {
        return (string) preg_replace('~/(?:'.implode('|', array_column(Language::cases(), 'value')).')$~D', '', $place);
    }
}
