<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Register\Language;

/** A finding about something written here, tied to its place by a number. */
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
        return trim($this->result->requirement->id().' '.($this->about()?->text() ?? ''));
    }

    /** Its place, without the language where the place ends with one. */
    public function about(): ?Place
    {
        $place = $this->result->place();

        return $place !== null && Language::tryFrom($place->last()) !== null ? $place->up() ?? $place : $place;
    }
}
