<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What stands in a form besides the frozen bytes: answers, error messages and marks, as pieces for its slots. */
final readonly class Filling
{
    /**
     * @param  list<FieldValue>  $values  what was typed
     * @param  list<string>  $ticked  names of controls that the person ticked
     * @param  list<FieldMessage>  $errors
     * @param  string  $heading  stands over the errors
     * @param  list<FieldValue>  $hidden  inputs besides
     * @param  list<string>  $leftOut  names of fields and controls that the answers do not call for
     * @param  PuzzleBlock|null  $puzzle  put to the doubtful
     * @param  bool  $readOnly  for evidence: what was typed is shown, not to be changed
     */
    public function __construct(
        public array $values = [],
        public array $ticked = [],
        public array $errors = [],
        public string $heading = '',
        public array $hidden = [],
        public array $leftOut = [],
        public bool $readOnly = false,
        private ?PuzzleBlock $puzzle = null,
    ) {}

    /** @return list<Piece> */
    public function pieces(): array
    {
        $marks = '';
        foreach ($this->hidden as $input) {
            $marks .= '<input type="hidden" name="'.FormRenderer::escape($input->name).'" value="'.FormRenderer::escape($input->value)."\">\n";
        }
        $pieces = [new Piece('errors', $this->summary()), new Piece('marks', $marks.$this->puzzle?->html())];
        foreach ($this->leftOut as $name) {
            $pieces[] = new Piece("hides:$name", ' hidden');
        }
        $names = $this->ticked;
        foreach ($this->values as $value) {
            $names[] = $value->name;
            $pieces[] = new Piece("value:{$value->name}", FormRenderer::escape($value->value));
            $pieces[] = new Piece("choice:{$value->name}:{$value->value}", ' selected');
            $pieces[] = new Piece("picked:{$value->name}:{$value->value}", ' checked');
            $pieces[] = new Piece("tick:{$value->name}", $value->value === 'yes' ? ' checked' : '');
        }
        foreach ($this->errors as $error) {
            $names[] = $error->name;
            $pieces[] = new Piece("marked:{$error->name}", ' aria-invalid="true"');
            $pieces[] = new Piece("described:{$error->name}", ' aria-describedby="'.FormRenderer::escape($error->name).'-error"');
            $pieces[] = new Piece(
                "error:{$error->name}", '<p class="error" id="'.FormRenderer::escape($error->name).'-error">'.FormRenderer::escape($error->says)."</p>\n"
            );
        }
        foreach (array_unique($names) as $name) {
            $pieces[] = new Piece("state:$name", $this->state($name));
        }

        return $pieces;
    }

    private function state(string $name): string
    {
        $typed = array_filter($this->values, static fn (FieldValue $v): bool => $v->name === $name) !== [];
        $wrong = array_filter($this->errors, static fn (FieldMessage $m): bool => $m->name === $name) !== [];

        return (in_array($name, $this->ticked, true) ? ' checked' : '')
            .($this->readOnly && $typed ? ' readonly' : '')
            .($wrong ? ' aria-invalid="true" aria-describedby="'.FormRenderer::escape($name).'-error"' : '');
    }

    private function summary(): string
    {
        if ($this->heading === '') {
            return '';
        }
        $items = '';
        foreach ($this->errors as $error) {
            $items .= '<li><a href="#'.FormRenderer::escape($error->name).'">'.FormRenderer::escape($error->says)."</a></li>\n";
        }

        return '<div class="summary" role="alert"><p>'.FormRenderer::escape($this->heading).'</p>'.($items === '' ? '' : "<ul>\n$items</ul>")."</div>\n";
    }
}
