<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\AskedField;
use Juramen\Audit\Selector;
use Juramen\Points\FieldMeaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** Reads what a form asks to fill in, what it means, whether it must be, and what reason is given beside it. */
final readonly class FieldReader
{
    /** Autofill tokens of the HTML Standard, by their beginnings. */
    private const TOKENS = [
        'email' => FieldMeaning::Email, 'tel' => FieldMeaning::Phone, 'bday' => FieldMeaning::Birthday, 'sex' => FieldMeaning::Gender,
        'street-address' => FieldMeaning::Postal,
        'address-' => FieldMeaning::Postal, 'postal-code' => FieldMeaning::Postal, 'organization' => FieldMeaning::Employer, 'name' => FieldMeaning::Name,
        'given-name' => FieldMeaning::Name,
        'family-name' => FieldMeaning::Name,
    ];

    private const CLASSES = [
        [WordClass::FieldEmail, FieldMeaning::Email], [WordClass::FieldBirthday, FieldMeaning::Birthday], [WordClass::FieldGender, FieldMeaning::Gender],
        [WordClass::FieldPhone, FieldMeaning::Phone],
        [WordClass::FieldEmployer, FieldMeaning::Employer], [WordClass::FieldPostal, FieldMeaning::Postal], [WordClass::FieldName, FieldMeaning::Name],
    ];

    /** What nobody chooses from a list. */
    private const WRITTEN = [FieldMeaning::Email, FieldMeaning::Phone, FieldMeaning::Name];

    public function __construct(private Page $page, private Labels $labels, private Listener $listener) {}

    /** @return list<AskedField> */
    public function read(FoundForm $form): array
    {
        $fields = [];
        foreach ($form->controls as $element) {
            $type = strtolower($element->getAttribute('type'));
            if (in_array($type, ['checkbox', 'submit', 'button', 'image', 'reset', 'password', 'file', 'search'], true) || $element->hasAttribute('role')
                || $this->isTrap($element)) {
                continue;
            }
            $label = $this->labels->of($element);
            $meaning = $this->meaning($element, $type, $label);
            // Choices that ask for nothing personal are controls, or none of our business.
            if (($type === 'radio' && $meaning !== FieldMeaning::Gender) || ($element->nodeName === 'select' && $meaning === FieldMeaning::Other)) {
                continue;
            }
            $fields[] = new AskedField(
                new Selector($this->page->selector($element)), $label, $meaning, $this->isRequired($element, $label), $this->reason($element, $label)
            );
        }

        return $fields;
    }

    private function meaning(DOMElement $element, string $type, string $label): FieldMeaning
    {
        if ($element->nodeName === 'textarea') {
            return FieldMeaning::Message;
        }
        foreach (['email' => FieldMeaning::Email, 'tel' => FieldMeaning::Phone] as $name => $meaning) {
            if ($type === $name) {
                return $meaning;
            }
        }
        $tokens = preg_split('/\s+/', strtolower($element->getAttribute('autocomplete')), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach ($tokens === [] ? [] : self::TOKENS as $beginning => $meaning) {
            if (array_filter($tokens, static fn (string $t): bool => str_starts_with($t, $beginning)) !== []) {
                return $meaning;
            }
        }
        $name = str_replace(['_', '-', '[', ']'], ' ', $element->getAttribute('name').' '.$element->getAttribute('id'));
        // "May we email you?" with answers to choose from asks for no address.
        $written = $element->nodeName !== 'select';
        foreach ([$label, $name] as $text) {
            foreach (self::CLASSES as [$class, $meaning]) {
                if (($written || ! in_array($meaning, self::WRITTEN, true)) && $this->listener->speaksOf($text, $class)) {
                    return $meaning;
                }
            }
        }

        return FieldMeaning::Other;
    }

    private function isRequired(DOMElement $element, string $label): bool
    {
        return $element->hasAttribute('required') || $element->getAttribute('aria-required') === 'true'
            || preg_match('~\*\s*:?\s*$|\((?:required|pflichtfeld|erforderlich|obligatoire)\)~iu', $label) === 1;
    }

    private function reason(DOMElement $element, string $label): string
    {
        foreach ([$label, $this->labels->helpFor($element)] as $text) {
            if ($this->listener->speaksOf($text, WordClass::Reason)) {
                return $text;
            }
        }

        return '';
    }

    /** A field that people do not see is a trap for programs, not a question. */
    private function isTrap(DOMElement $element): bool
    {
        for ($node = $this->page->hides() ? $element : null; $node instanceof DOMElement; $node = $node->parentNode) {
            if ($this->page->isHidden($node)) {
                return true;
            }
        }

        return false;
    }
}
