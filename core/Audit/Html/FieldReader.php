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
        [WordClass::FieldCircumstances, FieldMeaning::Circumstances],
        [WordClass::FieldEmployer, FieldMeaning::Employer], [WordClass::FieldPostal, FieldMeaning::Postal], [WordClass::FieldName, FieldMeaning::Name],
    ];

    private const NOT_ASKED = ['submit', 'button', 'image', 'reset', 'password', 'search'];

    /** Bytes of what boxes and lists ask; what is longer tells something. */
    private const LONGEST_CHOICE = 80;

    /** Types of inputs in which no letters are written. */
    private const CHOSEN = ['select', 'radio', 'range', 'color', 'date', 'month', 'week', 'time', 'datetime-local'];

    /** What nobody chooses from a list. */
    private const WRITTEN = [FieldMeaning::Email, FieldMeaning::Phone, FieldMeaning::Name];

    /** What is done with a thing, behind its name. */
    private const PUT_TO = '~[,(:–-]\s*(?:(?:used |needed |only )*for \p{Ll}+ing\s\p{L}+|(?:nur |wird )*(?:zum|fürs) \p{Lu}\p{L}+n\s\p{L}+'
        .'|(?:sert )?(?:à|pour) \p{Ll}+(?:er|ir|re)\s\p{L}+|(?:bara |endast )*för att \p{Ll}+a\s\p{L}+|(?:kun |bruges )*(?:til|for) at \p{Ll}+\s\p{L}+)[^)]*~u';

    /** What everything could be put to. */
    private const BETTER = '~improv|better|serv|personali|verbesser|besser|optimi|amélior|mieux|förbättr|bättre|forbedr|bedre~iu';

    public function __construct(
        private Page $page, private Visibility $visibility, private Labels $labels, private Choices $choices, private Listener $listener
    ) {}

    /** @return list<AskedField> */
    public function read(FoundForm $form): array
    {
        $fields = [];
        $answered = [];
        foreach ($form->controls as $element) {
            $type = ControlType::of($element);
            if (in_array($type, self::NOT_ASKED, true)
                // What people do not see is a trap for programs, and no question.
                || $this->visibility->isUnseen($element)) {
                continue;
            }
            // What is chosen, or given as a file, is named where it is personal.
            $chosen = in_array($type, ['radio', 'checkbox', 'file', 'select'], true);
            if ($type === 'radio') {
                // All of a name answer one question.
                $name = $element->getAttribute('name') ?: spl_object_id($element->parentNode ?? $element);
                if (isset($answered[$name])) {
                    continue;
                }
                $answered[$name] = true;
            }
            $label = $type === 'radio' ? $this->choices->question([$element]) ?: $this->labels->of($element) : $this->labels->of($element);
            $meaning = $type === 'checkbox' ? FieldMeaning::Other : $this->meaning($element, $type, $label);
            if (($chosen && $meaning === FieldMeaning::Other && ! $this->isSpecial($label)) || ($type === 'file' && $meaning !== FieldMeaning::Circumstances)) {
                continue;
            }
            $fields[] = new AskedField(
                new Selector($this->page->selector($element)), $label, $meaning, $this->isRequired($element, $label), $this->reason($element, $label)
            );
        }

        return $fields;
    }

    /** Choices that ask for nothing personal are controls, or none of our business; what they ask of health or belief is asked as in any field. */
    private function isSpecial(string $label): bool
    {
        return strlen($label) <= self::LONGEST_CHOICE && $this->listener->speaksOf($label, WordClass::Health)
            && ! $this->listener->speaksOf($label, WordClass::Agrees, WordClass::Sends, WordClass::Gets, WordClass::Advertising, WordClass::Vague);
    }

    private function meaning(DOMElement $element, string $type, string $label): FieldMeaning
    {
        if ($type === 'textarea') {
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
        // "May we email you?" with answers to choose from asks for no address, nor does "how many emails?" with a number.
        $written = ! in_array($type, self::CHOSEN, true);
        foreach ([$label, $name] as $text) {
            foreach (self::CLASSES as [$class, $meaning]) {
                if (($written || ! in_array($meaning, self::WRITTEN, true)) && $this->listener->speaksOf($text, $class)) {
                    return $meaning;
                }
            }
        }

        return ! $written && $this->asksGender($element, $type) ? FieldMeaning::Gender : FieldMeaning::Other;
    }

    /** "Title: Ms, Mr", "you are: a woman, a man": what is chosen from says what is asked. */
    private function asksGender(DOMElement $element, string $type): bool
    {
        $answers = array_map(static fn (DOMElement $o): string => Lines::tidy($o->textContent), $this->page->named([ControlType::ANSWER], $element));
        foreach ($type === 'radio' && $element->getAttribute('name') !== '' ? $this->page->named([ControlType::FIELD]) : [] as $radio) {
            if (ControlType::of($radio) === 'radio' && $radio->getAttribute('name') === $element->getAttribute('name')) {
                $answers[] = $this->labels->of($radio);
            }
        }

        return array_filter($answers, fn (string $answer): bool => $this->listener->speaksOf($answer, WordClass::FieldGender)) !== [];
    }

    private function isRequired(DOMElement $element, string $label): bool
    {
        return FoundForm::isRequired($element)
            || preg_match('~\*\s*:?\s*$|\((?:required|pflichtfeld|erforderlich|obligatoire)\)~iu', $label) === 1;
    }

    /** "(we may only sell knives to adults)": what whoever asks says beside it of itself; or ", for unlocking bikes": what it is put to. */
    private function explains(string $text): bool
    {
        return (preg_match('~\((\S+(?:\s+\S+){3,})\)~u', $text, $said) === 1 && $this->listener->speaksOf($said[1], WordClass::Self))
            || (preg_match(self::PUT_TO, $text, $said) === 1 && preg_match(self::BETTER, $said[0]) !== 1
                && ! $this->listener->speaksOf($said[0], WordClass::Advertising, WordClass::Vague, WordClass::Profiles));
    }

    private function reason(DOMElement $element, string $label): string
    {
        foreach ([$label, $this->labels->helpFor($element), ...$this->labels->tips($element)] as $text) {
            if ($this->listener->speaksOf($text, WordClass::Reason) || $this->explains($text)) {
                return $text;
            }
        }

        return '';
    }
}
