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
     */
    private function __construct(
        public Slug $id, public FieldKind $kind, public Texts $label, public bool $required, public string $reason, public Texts $help,
        public array $options
    ) {}

    /** @param  Document  $item  one of a sheet's "fields"; before fields had ids, their kind was theirs */
    public static function from(Document $item): self
    {
        $kind = $item->text('kind');

        return new self(
            Slug::parse($item->text('id') ?: $kind), FieldKinds::get($kind), Texts::from($item->at('label')), $item->flag('required') === true,
            trim($item->text('reason')), Texts::from($item->at('help')), array_map(FieldOption::from(...), $item->items('options'))
        );
    }

    /** @param  list<FieldOption>  $options */
    public static function new(
        Slug $id, FieldKind $kind, Texts $label, bool $required = false, string $reason = '', ?Texts $help = null, array $options = []
    ): self {
        return new self($id, $kind, $label, $required, $reason, $help ?? Texts::from([]), $options);
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
            array_map(static fn (FieldOption $o): FieldOption => new FieldOption($o->id, $change($o->label)), $this->options)
        );
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
        ]);
    }
}
