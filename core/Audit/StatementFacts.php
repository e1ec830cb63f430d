<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Register\Channel;
use Juramen\Register\LegalBasis;

/** What the registers know of a statement, besides its words. */
final readonly class StatementFacts
{
    /**
     * @param  Place  $where  of its words in the language read
     * @param  string  $purpose  the purpose's name in the language read; empty where it has none there
     * @param  bool  $measures  whether opens and clicks of this purpose's mails are measured
     * @param  list<Channel>  $channels
     * @param  string  $contents  what comes, in the language read; as the rest, empty where nobody has said
     * @param  string  $recipients  names of who gets the details for its own use
     */
    public function __construct(
        public Place $where,
        public string $purpose,
        public LegalBasis $basis,
        public bool $measures,
        public array $channels,
        public bool $approved,
        public string $contents,
        public string $rate,
        public string $recipients,
    ) {}
}
