<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Option;
use App\Pages\Controls\Press;
use App\Pages\Controls\Several;
use App\Pages\Controls\Words;
use App\Pages\Notes\Margin;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Points\Registers;
use Juramen\Points\Sentences;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Wording\Markup;
use Juramen\Wording\Placeholder;
use Juramen\Wording\ReadingEase;
use Juramen\Wording\Statement;

/** The controls of a statement. */
final readonly class StatementForm
{
    /**
     * @param  list<StatementText>  $texts
     * @param  list<Press>  $more  languages in which it is not written yet
     * @param  list<Option>  $placeholders
     */
    private function __construct(
        public string $controller, public Choice $purpose, public Several $channels, public array $texts, public array $more, public array $placeholders
    ) {}

    public static function of(Statement $statement, Document $document, Registers $registers, ?Margin $margin): self
    {
        $purposes = [];
        foreach ($registers->purposes->all() as $purpose) {
            $purposes[$purpose->id->text] = $purpose->title();
        }
        $channels = array_map(static fn (Channel $c): string => $c->value, $statement->channels);
        $written = array_values(array_filter(array_map(Language::tryFrom(...), $document->within(Place::of('texts')))));
        $filled = $registers->fillings($statement->purpose)->fill($statement);
        $free = array_values(array_filter(Language::cases(), static fn (Language $l): bool => ! in_array($l, $written, true)));

        return new self(
            $registers->controller($registers->purpose($statement->purpose)->controller)->name,
            new Choice('purpose', 'Purpose', Option::all($purposes, [$statement->purpose->text])),
            new Several(
                'channels', 'Channels', Sentences::listed($channels),
                Option::all(array_combine(array_column(Channel::cases(), 'value'), array_column(Channel::cases(), 'value')), $channels)
            ),
            array_map(static fn (Language $l): StatementText => self::text($l, $document, $filled, $margin, count($written) > 1), $written),
            array_map(
                static fn (Language $l): Press => new Press("add-{$l->value}", "texts/{$l->value}", $l->endonym(), "Write it in {$l->endonym()}", 'begin'),
                $free
            ),
            array_map(static fn (Placeholder $p): Option => new Option('{'.$p->value.'}', $p->says()), Placeholder::cases()),
        );
    }

    private static function text(Language $language, Document $document, Statement $filled, ?Margin $margin, bool $mayGo): StatementText
    {
        $place = Place::of('texts', $language->value);
        $value = $document->text($place);
        $ease = ReadingEase::of($filled->words($language), $language);
        $says = $ease->words === 0 ? 'Nothing is written yet.'
            : $ease->words.($ease->words === 1 ? ' word' : ' words').", longest sentence {$ease->longest}; {$ease->says()}.";

        return new StatementText(
            $language->value, new Words($place->text(), $language->endonym(), $value, $language->value, $margin?->underlined($value, $place) ?? e($value), 3),
            $margin?->at($place->text()) ?? [], Markup::html($filled->texts->orNothing($language)), $says,
            $mayGo ? new Press("remove-{$language->value}", $place->text(), "Remove {$language->endonym()}", "Remove {$language->endonym()}", 'remove') : null,
        );
    }
}
