<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What stands in a form besides the frozen bytes: answers, error messages and marks, as pieces for its slots. */
final readonly class Filling
{
    /**
     * @param  array<string, string>  $values  field name to what was typed
     * @param  list<string>  $ticked  names of controls that the person ticked
     * @param  array<string, string>  $errors  field or control name to message
     * @param  string  $heading  stands over the errors
     * @param  array<string, string>  $hidden  names and values of hidden inputs
     * @param  bool  $readOnly  for evidence: what was typed is shown, not to be changed
     */
    public function __construct(
        public array $values = [],
        public array $ticked = [],
        public array $errors = [],
        public string $heading = '',
        public array $hidden = [],
        public bool $readOnly = false,
    ) {}

    /** @return array<string, string> slot name to HTML */
    public function pieces(): array
    {
        $pieces = ['errors' => $this->summary(), 'marks' => ''];
        foreach ($this->hidden as $name => $value) {
            $pieces['marks'] .= '<input type="hidden" name="'.FormRenderer::escape($name).'" value="'.FormRenderer::escape($value)."\">\n";
        }
        foreach ($this->values as $name => $value) {
            $pieces["value:$name"] = FormRenderer::escape($value);
        }
        foreach ([...array_keys($this->values), ...$this->ticked, ...array_keys($this->errors)] as $name) {
            $pieces["state:$name"] = $this->state($name);
        }
        foreach ($this->errors as $name => $message) {
            $pieces["error:$name"] = '<p class="error" id="'.FormRenderer::escape($name).'-error">'.FormRenderer::escape($message)."</p>\n";
        }

        return $pieces;
    }

    private function state(string $name): string
    {
        return (in_array($name, $this->ticked, true) ? ' checked' : '')
            .($this->readOnly && isset($this->values[$name]) ? ' readonly' : '')
            .(isset($this->errors[$name]) ? ' aria-invalid="true" aria-describedby="'.FormRenderer::escape($name).'-error"' : '');
    }

    private function summary(): string
    {
        if ($this->heading === '') {
            return '';
        }
        $items = '';
        foreach ($this->errors as $name => $message) {
            $items .= '<li><a href="#'.FormRenderer::escape($name).'">'.FormRenderer::escape($message)."</a></li>\n";
        }

        return '<div class="summary" role="alert"><p>'.FormRenderer::escape($this->heading).'</p>'.($items === '' ? '' : "<ul>\n$items</ul>")."</div>\n";
    }
}
