<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\Place;
use Juramen\Register\Channel;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Juramen\Register\Rule;

/** A place, or a family of them, that a kind of record has. */
final readonly class Member
{
    /** @var non-empty-list<string> */
    private array $steps;

    /**
     * @param  string  $pattern  such as "fields/{item}/label/{language}"; in braces: language, channel, country, rule, item
     * @param  string  $what  what stands there, in messages: "the title", "the label of {item}"
     * @param  bool  $redraws  whether a change alters which fields or sentences a page shows, so that it is drawn anew
     * @param  bool  $mayGo  whether the place can be taken away
     * @param  bool  $needed  whether there is no such record without it
     * @param  Writer|null  $writer  where not everybody may write it who may write the record
     */
    public function __construct(
        private string $pattern,
        public string $what,
        public ValueType $type,
        public bool $redraws = false,
        public bool $mayGo = false,
        public bool $needed = false,
        public ?Writer $writer = null,
    ) {
        $this->steps = explode('/', $pattern);
    }

    /** What stands in one of its places: "the label of phone in Deutsch". */
    public function named(Place $place): string
    {
        $named = $this->what;
        foreach ($this->steps as $i => $step) {
            $is = $place->steps[$i] ?? '';
            $named = match ($step) {
                '{item}' => str_replace('{item}', str_replace('-', ' ', $is), $named),
                '{language}' => $named.' in '.(Language::tryFrom($is)?->endonym() ?? $is),
                '{channel}' => "$named by $is",
                '{country}' => $named.' in '.(preg_match('/^[A-Z]{2}$/D', $is) === 1 ? Country::parse($is)->name() : $is),
                '{rule}' => $named.' “'.lcfirst(Rule::tryFrom($is)?->title() ?? $is).'”',
                default => $named,
            };
        }

        return $named;
    }

    /** The one place it is; null for a family of places. */
    public function place(): ?Place
    {
        return str_contains($this->pattern, '{') ? null : Place::parse($this->pattern);
    }

    public function covers(Place $place): bool
    {
        if (count($place->steps) !== count($this->steps)) {
            return false;
        }
        foreach ($place->steps as $i => $step) {
            $fits = match ($this->steps[$i]) {
                '{language}' => Language::tryFrom($step) !== null,
                '{channel}' => Channel::tryFrom($step) !== null,
                '{rule}' => Rule::tryFrom($step) !== null,
                '{country}' => preg_match('/^[A-Z]{2}$/D', $step) === 1,
                '{item}' => true,
                default => $this->steps[$i] === $step,
            };
            if (! $fits) {
                return false;
            }
        }

        return true;
    }
}
