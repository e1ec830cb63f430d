<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use DOMNode;

/**
 * The words that belong to a control: its label by `for`, a label around it, `aria-labelledby`, `aria-label`, what stands on a button, then the
 * nearest text, which for a box stands behind it and for a field before it.
 */
final class Labels
{
    private const HEADINGS = ['h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'legend'];

    /** What speaks of fields in general: "* required", "all fields are required". */
    private const OF_FIELDS = '~^[\s*():.–-]*(?:required|optional|pflichtfeld|erforderlich|obligatoires?|obligatoriskt?|påkrævet|valgfrit)?[\s*():.–-]*$'
        .'|\b(?:fields?|felder|pflichtfelder|champs?|fält|felter)\b~iu';

    /** Sentences: what ends with a full stop and is longer than a label. */
    private const TELLS = '~^.{30,}[.!…]\s*$~us';

    /** A few words with a full stop. */
    private const SAYS = '~^\S+(?:\s+\S+){2,}[.!…]\s*$~us';

    /** Bytes beside a control, behind which nothing is its label. */
    private const FAR = 3_000;

    /** @var array<int, string> object id of a control to its words, of what was asked for */
    private array $texts = [];

    /** @var array<int, string> object id of a control to what explains it, of what was asked for */
    private array $help = [];

    /** @var array<string, list<DOMElement>> id to the labels that name it */
    private array $for = [];

    public function __construct(private readonly Page $page)
    {
        foreach ($page->named(['label']) as $label) {
            if ($label->hasAttribute('for')) {
                $this->for[$label->getAttribute('for')][] = $label;
            }
        }
    }

    public function of(DOMElement $control): string
    {
        return $this->texts[spl_object_id($control)] ??= $this->read($control);
    }

    private function read(DOMElement $control): string
    {
        return $this->byFor($control) ?: $this->textAround($control) ?: $this->byReference($control) ?: Lines::tidy($control->getAttribute('aria-label'))
            ?: ($control->nodeName === 'button' ? $this->page->text($control) : '') ?: $this->nearest($control)
            ?: Lines::tidy($control->getAttribute('title')) ?: Lines::tidy($control->getAttribute('placeholder'));
    }

    /** Words that stand at a control and stay when something is typed: no placeholder, and nothing that is only read out. */
    public function visible(DOMElement $control): string
    {
        $near = $this->byFor($control) ?: $this->textAround($control) ?: $this->byReference($control);
        if ($near !== '') {
            return $near;
        }
        $heading = $this->page->before($control, self::HEADINGS);
        $near = $this->nearest($control);
        // "Leave with one click." behind a field tells, however short it is.
        if ($this->isFilledIn($control) && preg_match(self::SAYS, $near) === 1 && $this->along($control, 'previousSibling') === '') {
            return '';
        }

        // Day, month and year, by the name of their group.
        if (ControlType::of($control) === 'select' && in_array($near, ['', $legend = $this->legendOf($control)], true)) {
            return $legend;
        }

        // What stands over the whole form, or tells in a sentence what comes of it, is no label of its first field.
        $tells = $this->isFilledIn($control) && preg_match(self::TELLS, $near) === 1;

        return $tells || ($heading !== null && $near === $this->page->text($heading)) || preg_match(self::OF_FIELDS, $near) === 1 ? '' : $near;
    }

    private function legendOf(DOMElement $control): string
    {
        for ($node = $control->parentNode; $node instanceof DOMElement && $node->nodeName !== 'form'; $node = $node->parentNode) {
            if ($node->nodeName === 'fieldset') {
                return Choices::legend($this->page, $node);
            }
        }

        return '';
    }

    /** Whether the words of a box stand on the page, and not only where programs read them out. */
    public function isSeen(DOMElement $box): bool
    {
        return ($this->byFor($box) ?: $this->textAround($box) ?: $this->byReference($box) ?: $this->nearest($box) ?: $this->page->text($box)) !== '';
    }

    private function isFilledIn(DOMElement $control): bool
    {
        return ! FoundForm::isBox($control);
    }

    /** The element that labels a control; null where none does. */
    public function element(DOMElement $control): ?DOMElement
    {
        $named = $control->getAttribute('id') === '' ? null : $this->for[$control->getAttribute('id')][0] ?? null;
        for ($node = $control->parentNode; $named === null && $node instanceof DOMElement; $node = $node->parentNode) {
            $named = $node->nodeName === 'label' ? $node : null;
        }

        return $named;
    }

    /** What stands beside a field to explain it: what `aria-describedby` names, else small print in the same part. */
    public function helpFor(DOMElement $control): string
    {
        return $this->help[spl_object_id($control)] ??= $this->readHelp($control);
    }

    private function readHelp(DOMElement $control): string
    {
        $help = $this->texts($control->getAttribute('aria-describedby'));
        $behind = $this->labelAtOrBehind($control) ?? $control;
        $part = $behind->parentNode;
        if ($help === '' && $part instanceof DOMElement && ! in_array($part->nodeName, ['form', 'body'], true)
            && $this->page->count(ControlType::CONTROLS, $part) === 1) {
            return $this->page->text($part);
        }
        for ($next = $behind->nextSibling; $help === '' && $next !== null && ! $this->holdsControl($next)
            && ! ($next instanceof DOMElement && $next->nodeName === 'label'); $next = $next->nextSibling) {
            $help = $this->page->text($next);
        }

        return $help;
    }

    /**
     * What is shown of a field on asking for it, by resting on it or pressing beside it.
     *
     * @return list<string>
     */
    public function tips(DOMElement $control): array
    {
        $tips = [];
        foreach (preg_split('/\s+/', $control->getAttribute('aria-describedby'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $id) {
            $tips[] = Lines::tidy($this->page->byId($id)->textContent ?? '');
        }
        $part = array_reverse($this->page->partsOf($control))[0] ?? $control;
        foreach ([$part, ...iterator_to_array($part->getElementsByTagName('*'), false)] as $element) {
            foreach ($element->attributes as $attribute) {
                if (in_array($attribute->nodeName, ['title', 'aria-description'], true) || str_starts_with($attribute->nodeName, 'data-')) {
                    $tips[] = Lines::tidy($attribute->nodeValue ?? '');
                }
            }
        }

        return array_values(array_filter($tips, static fn (string $tip): bool => str_contains($tip, ' ')));
    }

    /** The label that a control stands in, or right before. */
    private function labelAtOrBehind(DOMElement $control): ?DOMElement
    {
        $around = $control->parentNode;
        $next = $this->page->behind($control);

        return match (true) {
            $around instanceof DOMElement && $around->nodeName === 'label' => $around,
            $next instanceof DOMElement && $next === $this->element($control) => $next,
            default => null,
        };
    }

    private function byFor(DOMElement $control): string
    {
        $id = $control->getAttribute('id');

        return $id === '' ? '' : Lines::tidy(implode(' ', array_map($this->page->text(...), $this->for[$id] ?? [])));
    }

    private function textAround(DOMElement $control): string
    {
        // A div that plays a box carries its words inside.
        $own = $control->nodeName !== 'input' && FoundForm::isBox($control);

        return $this->around($control) ?: ($own ? $this->page->text($control) : '');
    }

    /** The words of the label that an element stands in. */
    public function around(DOMElement $element): string
    {
        for ($node = $element->parentNode; $node instanceof DOMElement; $node = $node->parentNode) {
            if ($node->nodeName === 'label') {
                return $this->page->text($node);
            }
        }

        return '';
    }

    private function byReference(DOMElement $control): string
    {
        return $this->texts($control->getAttribute('aria-labelledby'));
    }

    private function texts(string $ids): string
    {
        $texts = [];
        foreach ($ids === '' ? [] : (preg_split('/\s+/', trim($ids)) ?: []) as $id) {
            $element = $id === '' ? null : $this->page->byId($id);
            $texts[] = $element === null ? '' : $this->page->text($element);
        }

        return Lines::tidy(implode(' ', $texts));
    }

    private function nearest(DOMElement $control): string
    {
        [$first, $second] = FoundForm::isBox($control) ? ['nextSibling', 'previousSibling'] : ['previousSibling', 'nextSibling'];

        return $this->along($control, $first) ?: $this->along($control, $second);
    }

    /** Text beside a node in one direction, as far as the next control, or as anybody looks for a label; then the same around its parent, up to the form. */
    private function along(DOMNode $node, string $direction): string
    {
        for ($here = $node; $here !== null && ! in_array($here->nodeName, ['form', 'body', 'fieldset', 'table'], true); $here = $here->parentNode) {
            $text = '';
            for ($beside = $here->{$direction}; $beside !== null && ! $this->holdsControl($beside); $beside = $beside->{$direction}) {
                if ($node instanceof DOMElement && $this->page->explainsOthers($beside, $node)) {
                    break;
                }
                // What stands over a field's words in a part of its own is none of them.
                if ($direction === 'previousSibling' && trim($text) !== '' && $beside instanceof DOMElement && Lines::isBlock($beside->nodeName)) {
                    break;
                }
                $piece = $this->page->text($beside);
                $behind = $beside->{$direction};
                // A line that turns ends the label, unless its sentence goes on.
                $ends = trim($text) !== '' && $beside->nodeName === 'br' && ! ($behind instanceof DOMNode && ($direction === 'nextSibling'
                    ? Lines::goOn($text, $this->page->text($behind)) : Lines::goOn($this->page->text($behind), $text)));
                $text = $direction === 'nextSibling' ? "$text $piece" : "$piece $text";
                if ($ends || strlen($text) > self::FAR) {
                    break;
                }
            }
            if (trim($text) !== '') {
                return Lines::tidy($text);
            }
            if ($beside !== null && $this->holdsControl($beside)) {
                return '';
            }
        }

        return '';
    }

    private function holdsControl(DOMNode $node): bool
    {
        return $node instanceof DOMElement && ($node->nodeName === 'input' || ControlType::kind($node) !== null
            || $this->page->count([...ControlType::CONTROLS, ControlType::BUTTON], $node) > 0);
    }
}
