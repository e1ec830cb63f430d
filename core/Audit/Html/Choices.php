<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** What boxes and radio buttons answer: the words over them, which are no label of theirs. */
final readonly class Choices
{
    /** Elements that mark words within a line. */
    private const WITHIN_LINE = ['b', 'strong', 'em', 'i', 'u', 'mark'];

    /** The end of words that lead to what stands below. */
    private const LEADS_ON = '~[:?]\s*$~u';

    public function __construct(private Page $page) {}

    /**
     * The words that choices answer: the legend or name of the nearest group around them that has one, or what stands before the first of
     * them, however deeply they are nested.
     *
     * @param  non-empty-list<DOMElement>  $choices
     */
    public function question(array $choices): string
    {
        $named = $this->group($choices[0]);
        if ($named !== '') {
            // "Preferences", and below it "How may we tell you about new boats?".
            $nearer = preg_match(self::LEADS_ON, $named) === 1 ? '' : $this->before($choices[0], $choices);
            for ($node = $choices[0]->parentNode; $nearer === '' && $node instanceof DOMElement; $node = $node->parentNode) {
                if ($this->groupName($node) !== '') {
                    break;
                }
                $nearer = $this->before($node, $choices);
            }

            return preg_match(self::LEADS_ON, $nearer) === 1 ? $nearer : $named;
        }
        for ($node = $choices[0]; $node instanceof DOMElement && ! in_array($node->nodeName, ['form', 'body'], true); $node = $node->parentNode) {
            $before = $this->before($node, $choices);
            if ($before !== '') {
                return $before;
            }
        }

        return '';
    }

    /** The name of the nearest group around a choice that has one; empty where none has. */
    private function group(DOMElement $choice): string
    {
        for ($node = $choice->parentNode; $node instanceof DOMElement && $node->nodeName !== 'form'; $node = $node->parentNode) {
            $named = $this->groupName($node);
            if ($named !== '') {
                return $named;
            }
        }

        return '';
    }

    /** Whether words lead to several choices below them: the name of their group, or what ends like a question or a list's beginning. */
    public function leadsOn(DOMElement $choice, string $words): bool
    {
        return $words !== '' && (preg_match(self::LEADS_ON, $words) === 1 || $this->group($choice) === $words);
    }

    /** What stands over the first column of the table in which a choice stands, or as its caption; empty where it stands in none. */
    public function column(DOMElement $choice): string
    {
        for ($node = $choice->parentNode; $node instanceof DOMElement && $node->nodeName !== 'form'; $node = $node->parentNode) {
            if ($node->nodeName === 'table') {
                $over = $this->page->named(['caption'], $node)[0] ?? $this->page->named(['th'], $node)[0] ?? null;

                return $over === null ? '' : $this->page->text($over);
            }
        }

        return '';
    }

    /** The words over a fieldset; empty where it has none. */
    public static function legend(Page $page, DOMElement $fieldset): string
    {
        $legend = $page->named(['legend'], $fieldset)[0] ?? null;

        return $legend === null ? '' : $page->text($legend);
    }

    /** What a group of controls is called; empty where it is none, or has no name. */
    private function groupName(DOMElement $node): string
    {
        if ($node->nodeName === 'fieldset') {
            return self::legend($this->page, $node);
        }
        if (! in_array($node->getAttribute('role'), ['group', 'radiogroup'], true)) {
            return '';
        }
        $named = $this->page->byId($node->getAttribute('aria-labelledby'));

        return $named === null ? trim($node->getAttribute('aria-label')) : $this->page->text($named);
    }

    /**
     * The nearest words before an element that belong to no other control, nor to the choices themselves.
     *
     * @param  non-empty-list<DOMElement>  $choices
     */
    private function before(DOMElement $element, array $choices): string
    {
        $words = '';
        for ($node = $element->previousSibling; $node !== null; $node = $node->previousSibling) {
            $text = $this->page->text($node);
            // "You would prefer <b>not</b> to hear from us": words of one line, however they are marked.
            $runsOn = ! $node instanceof DOMElement || in_array($node->nodeName, self::WITHIN_LINE, true);
            if ($words !== '' && ! $runsOn) {
                break;
            }
            if ($text !== '') {
                $words = Lines::tidy("$text $words");
            }
            if ($text !== '' && ! $runsOn) {
                return $this->isOfAnother($node, $choices) ? '' : $words;
            }
        }

        return $words;
    }

    /**
     * Whether words belong to another control.
     *
     * @param  non-empty-list<DOMElement>  $choices
     */
    private function isOfAnother(DOMElement $node, array $choices): bool
    {
        return $this->page->count(ControlType::CONTROLS, $node) > 0 || $this->page->explainsOthers($node, $choices[0])
            || ($node->nodeName === 'label' && $node->getAttribute('for') !== '' && $this->isLabelOfAnother($node->getAttribute('for'), $choices));
    }

    /** @param  non-empty-list<DOMElement>  $choices */
    private function isLabelOfAnother(string $id, array $choices): bool
    {
        return array_filter($choices, static fn (DOMElement $c): bool => $c->getAttribute('id') === $id) === [] && $this->page->byId($id) !== null;
    }
}
