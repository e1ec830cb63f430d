<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Models\Subscriber;

/** What the page about one person shows. */
final readonly class PersonPage
{
    /**
     * @param  string  $print  address of all of it, to be printed
     * @param  Question|null  $question  null where nothing was ever asked
     * @param  list<ActRow>  $acts
     * @param  list<WentRow>  $went  lists and destinations
     * @param  ChosenAct|null  $chosen  the act whose proof stands in the margin
     * @param  ShownForm|null  $shown  the form behind it
     * @param  bool  $isSpam  whether it was found to be a program's
     * @param  string  $spam  address to which that is said
     * @param  string  $alike  address of others of the same hand
     */
    public function __construct(
        public Subscriber $subscriber,
        public string $title,
        public string $state,
        public string $print,
        public ?Question $question,
        public array $acts,
        public array $went,
        public ?ChosenAct $chosen,
        public ?ShownForm $shown,
        public bool $isSpam,
        public string $spam,
        public string $alike,
    ) {}
}
