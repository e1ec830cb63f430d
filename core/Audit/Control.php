<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Register\Channel;

/** A box, choice or switch with which a visitor answers something. */
final readonly class Control
{
    /**
     * @param  Place|Selector  $where  of its words in a sheet, or on a page
     * @param  string  $label  the words beside it, as a visitor reads them
     * @param  bool  $required  whether the form cannot be sent without a yes here; a question that a no answers too is not meant
     * @param  bool  $refuses  whether touching it means no: "tick if you do not want"
     * @param  list<string>  $purposes  words that say what for
     * @param  list<Channel>  $channels
     * @param  bool  $isLabelled  whether its words stand at it for all to see, not for programs that read them out alone
     */
    public function __construct(
        public Place|Selector $where,
        public string $label,
        public ControlRole $role,
        public Response $response,
        public bool $required = false,
        public bool $refuses = false,
        public array $purposes = [],
        public array $channels = [],
        public bool $isLabelled = true,
    ) {}

    /** Words that ask for consent, and stand beside nothing that is ticked. */
    public static function ofWords(Place|Selector $where, string $words, bool $refuses = false): self
    {
        return new self($where, $words, ControlRole::Consent, Response::Unset, refuses: $refuses);
    }
}
