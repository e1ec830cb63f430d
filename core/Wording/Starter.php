<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\LegalBasis;

/** A sound statement to begin from, with its purpose and the reason why it is worded so. */
final readonly class Starter
{
    /**
     * @param  string  $id  becomes the purpose's and the statement's short name
     * @param  string  $why  what to know before it is used
     * @param  non-empty-list<Channel>  $channels
     * @param  array<string, array{string, string, string, string}>  $words  language to the purpose's name, what comes, how often, and the statement
     */
    public function __construct(public string $id, public string $title, public string $why, public array $channels, public array $words, public LegalBasis $basis = LegalBasis::Consent, public bool $measures = false) {}

    /** @return array<string, mixed> the purpose's document, as Purpose::from() takes it */
    public function purpose(string $controller): array
    {
        $part = fn (int $i): array => array_filter(array_map(static fn (array $words): string => $words[$i], $this->words));

        return [
            'id' => $this->id, 'controller' => $controller, 'names' => $part(0), 'contents' => $part(1), 'rates' => $part(2),
            'basis' => $this->basis->value, 'measures' => $this->measures, 'refresh-months' => 0, 'retention-months' => 36,
        ];
    }

    /** @return array<string, mixed> the statement's document, as Statement::from() takes it */
    public function statement(string $name, string $purpose): array
    {
        return [
            'id' => $name, 'purpose' => $purpose, 'channels' => array_map(static fn (Channel $c): string => $c->value, $this->channels),
            'texts' => array_map(static fn (array $words): string => $words[3], $this->words),
        ];
    }
}
