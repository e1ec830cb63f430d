<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Channel;
use Juramen\Register\LegalBasis;

/** A sound statement to begin from, with its purpose and the reason why it is worded so. */
final readonly class Starter
{
    /**
     * @param  string  $id  becomes the purpose's and the statement's short name
     * @param  string  $why  what to know before it is used
     * @param  non-empty-list<Channel>  $channels
     * @param  non-empty-list<StarterWords>  $words  one for each language
     * @param  int  $retentionMonths  for which details are kept after it ended; consent to calls is documented for five years (UWG 7a)
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $why,
        public array $channels,
        public array $words,
        public LegalBasis $basis = LegalBasis::Consent,
        public bool $measures = false,
        private int $retentionMonths = 36,
    ) {}

    /** The purpose's document. */
    public function purpose(Slug $controller): Document
    {
        return Document::from([
            'id' => $this->id, 'controller' => $controller->text,
            'names' => $this->by(static fn (StarterWords $w): string => $w->name),
            'contents' => $this->by(static fn (StarterWords $w): string => $w->contents),
            'rates' => $this->by(static fn (StarterWords $w): string => $w->rate),
            'basis' => $this->basis->value, 'measures' => $this->measures, 'refresh-months' => 0, 'retention-months' => $this->retentionMonths,
        ]);
    }

    /** The statement's document. */
    public function statement(Slug $name, Slug $purpose): Document
    {
        return Document::from([
            'id' => $name->text, 'purpose' => $purpose->text, 'channels' => array_map(static fn (Channel $c): string => $c->value, $this->channels),
            'texts' => $this->by(static fn (StarterWords $w): string => $w->statement),
        ]);
    }

    /**
     * @param  callable(StarterWords): string  $of
     * @return array<string, string>
     */
    private function by(callable $of): array
    {
        $texts = [];
        foreach ($this->words as $words) {
            $texts[$words->language->value] = $of($words);
        }

        return array_filter($texts);
    }
}
