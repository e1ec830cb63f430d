<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** One thing a form asks for. */
final readonly class Field
{
    /**
     * @param  Slug  $id  of its own, so that a kind can appear twice; also the name under which a browser sends it
     * @param  string  $reason  why it is asked, for the officer; empty where nobody has said
     * @param  Texts  $help  a line under the label; of no language where there is none
     * @param  list<FieldOption>  $options  answers to choose from, where its kind offers them
     * @param  Condition|null  $when  it is asked; null where always
     * @param  string  $page  id of the page on which it stands; empty on the first
     * @param  Terms  $terms  that a terms control speaks of
     * @param  list<string>  $marks  of which a source mark may be one
     * @param  bool  $adds  whether what somebody known chooses is added to what they chose before; else it takes its place
     */
    private function __construct(
        public Slug $id, public FieldKind $kind, public Texts $label, public bool $required, public string $reason, public Texts $help,
        public array $options, public ?Condition $when, public string $page, public Terms $terms, public array $marks,
        public bool $adds = false,
    ) {}

    /** @param  Document  $item  one of a sheet's "fields"; before fields had ids, their kind was theirs */
    public static function from(Document $item): self
    {
        $kind = $item->text('kind');

        return new self(
            Slug::parse($item->text('id') ?: $kind), FieldKinds::get($kind), Texts::from($item->at('label')), $item->flag('required') === true,
            trim($item->text('reason')), Texts::from($item->at('help')), array_map(FieldOption::from(...), $item->items('options')),
            Condition::from($item->part('when')), $item->text('page'), Terms::from($item->part('terms')), $item->names('marks'),
            $item->flag('adds') === true,
        );
    }

    /** @param  list<FieldOption>  $options */
    public static function new(
        Slug $id, FieldKind $kind, Texts $label, bool $required = false, string $reason = '', ?Texts $help = null, array $options = []
    ): self {
        return new self($id, $kind, $label, $required, $reason, $help ?? Texts::from([]), $options, null, '', Terms::from(Document::from([])), []);
    }

    /**
     * The same with its texts changed.
     *
     * @param  callable(Texts): Texts  $change
     */
    public function withTexts(callable $change): self
    {
        return new self(
            $this->id, $this->kind, $change($this->label), $this->required, $this->reason, $this->hasHelp() ? $change($this->help) : $this->help,
            array_map(static fn (FieldOption $o): FieldOption => new FieldOption($o->id, $change($o->label)), $this->options),
            $this->when, $this->page, $this->kind->meaning() === FieldMeaning::Terms ? $this->terms->withTexts($change) : $this->terms, $this->marks,
            $this->adds,
        );
    }

    /**
     * What is kept where somebody known answers again.
     *
     * @param  string  $before  as it was kept; empty where nothing was
     * @param  string  $now  as it is kept of the new answer
     */
    public function returning(string $before, string $now, Language $language): string
    {
        if (! $this->adds || $this->options === [] || $before === '') {
            return $now;
        }
        // The earlier answer may have been given in another language.
        $said = [...explode("\n", $before), ...explode("\n", $now)];
        $chosen = array_filter($this->options, static fn (FieldOption $o): bool => array_intersect($o->label->toArray(), $said) !== []);

        return implode("\n", array_map(static fn (FieldOption $o): string => $o->label->in($language), $chosen));
    }

    /** The name under which a browser sends it, or its first input where it has several. */
    public function name(): string
    {
        return $this->id->text;
    }

    /** @return non-empty-list<string> names of all its inputs */
    public function inputs(): array
    {
        return $this->kind->inputs($this);
    }

    /** Id of the input of an answer, where each has one. */
    public function inputOf(FieldOption $option): string
    {
        return "{$this->name()}-$option->id";
    }

    public function hasHelp(): bool
    {
        return $this->help->languages() !== [];
    }

    /** Whether anything was typed or chosen in it. */
    public function isAnswered(Typed $typed): bool
    {
        return array_filter($this->inputs(), static fn (string $input): bool => trim($typed->in($input)) !== '') !== [];
    }

    /**
     * What was typed, as it is kept.
     *
     * @throws AnswerRefused
     */
    public function read(Typed $typed): string
    {
        $answer = $this->kind->read($this, $typed);

        return $answer === '' && $this->required ? throw new AnswerRefused('field.missing') : $answer;
    }

    /** @return list<FieldValue> a kept answer as it would be typed */
    public function typedAs(string $kept, Language $language): array
    {
        return $this->kind->typedAs($this, $kept, $language);
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->id->text, 'kind' => $this->kind->id(), 'label' => $this->label->toArray(), 'required' => $this->required,
            'reason' => $this->reason, ...($this->hasHelp() ? ['help' => $this->help->toArray()] : []),
            ...($this->options === [] ? [] : ['options' => array_map(static fn (FieldOption $o): array => $o->document()->toArray(), $this->options)]),
            ...($this->when === null ? [] : ['when' => $this->when->document()->toArray()]),
            ...($this->page === '' ? [] : ['page' => $this->page]),
            ...($this->terms->isEmpty() ? [] : ['terms' => $this->terms->document()->toArray()]),
            ...($this->marks === [] ? [] : ['marks' => $this->marks]),
            ...($this->adds ? ['adds' => true] : []),
        ]);
    }
}
