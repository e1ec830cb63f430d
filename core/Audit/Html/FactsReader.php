<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\AskedField;
use Juramen\Audit\Control;
use Juramen\Audit\HiddenInput;
use Juramen\Audit\OtherInput;
use Juramen\Audit\PageButton;
use Juramen\Audit\PageFacts;
use Juramen\Audit\PageInput;
use Juramen\Audit\Response;
use Juramen\Audit\Selector;

/** Reads what only a page of others tells: how a form is sent, what the page loads, what nobody sees. */
final readonly class FactsReader
{
    private const NEEDED = '~\*|\((?:required|optional|pflichtfeld|erforderlich|freiwillig|obligatoire|facultatif|facultative|obligatorisk|valfritt|frivilligt'
        .'|påkrævet|valgfrit|valgfri)\)|\b(?:required|optional|mandatory|pflichtfeld|erforderlich|freiwillig|obligatoire|facultatif|obligatoriskt?|valfritt?'
        .'|frivilligt?|påkrævet|valgfrit)\b~iu';

    /** What a picture that is to be read by the sighted is called. */
    private const PICTURE = '~captcha|security.?code|verification.?code|sicherheitscode|code.de.sécurité~iu';

    /** Elements behind a form that are looked at for ways past it, and what they are. */
    private const BEHIND = 2;

    private const WAYS = ['button', 'a', 'p', 'div', 'span'];

    private CallReader $calls;

    private LooksReader $looks;

    /** @param  list<DOMElement>  $ticked  boxes that a script of the page ticks at once */
    public function __construct(
        private Page $page, private Visibility $visibility, private Labels $labels, private string $address, private array $ticked
    ) {
        $this->calls = new CallReader($page, $address);
        $this->looks = new LooksReader($page, $labels, $visibility->styles);
    }

    /**
     * @param  list<AskedField>  $fields  that the form asks for
     * @param  list<Control>  $controls  that are known for what they are
     */
    public function read(FoundForm $form, array $fields, array $controls): PageFacts
    {
        [$action, $method] = [$this->sent($form, 'action'), strtolower($this->sent($form, 'method'))];
        $sentTo = $action === '' ? '' : $this->whole($action);
        $popUps = new PopUpReader($this->page, $this->visibility->styles);
        $where = fn (DOMElement $element): Selector => new Selector($this->page->selector($element));

        return new PageFacts(
            $this->address, $sentTo, $method, $form->element->hasAttribute('onsubmit'), $this->inputs($form, $fields), $this->hidden($form),
            $this->calls->outside($sentTo), $this->hasTrap($form), $this->picture($form), $this->calls->stores, $this->looks->read($form),
            array_map($where, $form->controls), $popUps->clock($form), $popUps->cannotBeClosed($form), $this->buttons($form),
            $this->others($form, [...$fields, ...$controls]), array_map($where, $this->ticked), $this->calls->sendsTyped($form)
        );
    }

    /** How a form is sent: as its default button has it, by which Enter sends it, or as it says itself. Source: HTML Standard, implicit submission. */
    private function sent(FoundForm $form, string $how): string
    {
        foreach ($this->page->named(['button', 'input'], $form->element) as $button) {
            $type = strtolower($button->getAttribute('type'));
            if (in_array($type, ['submit', 'image'], true) || ($button->nodeName === 'button' && ! in_array($type, ['button', 'reset'], true))) {
                return trim($button->getAttribute("form$how")) ?: trim($form->element->getAttribute($how));
            }
        }

        return trim($form->element->getAttribute($how));
    }

    /**
     * @param  list<AskedField|Control>  $known
     * @return list<OtherInput> of boxes that answer one question the first
     */
    private function others(FoundForm $form, array $known): array
    {
        $seen = array_fill_keys(array_map(static fn (AskedField|Control $part): string => $part->where->text(), $known), true);
        $question = static fn (DOMElement $radio): string => 'answers '.($radio->getAttribute('name') ?: spl_object_id($radio->parentNode ?? $radio));
        foreach ($form->controls as $element) {
            if (ControlType::of($element) === 'radio' && isset($seen[$this->page->selector($element)])) {
                $seen[$question($element)] = true;
            }
        }
        $others = [];
        foreach ($form->controls as $element) {
            $type = ControlType::of($element);
            $isBox = FoundForm::isBox($element);
            $what = match (true) {
                $isBox => 'a box', $type === 'password' => 'a password', $type === 'file' => 'a file', $type === 'select' => 'a list',
                default => '',
            };
            $answers = $type === 'radio' ? $question($element) : '';
            if ($what === '' || isset($seen[$this->page->selector($element)]) || isset($seen[$answers]) || $this->page->isHidden($element)) {
                continue;
            }
            $seen += $answers === '' ? [] : [$answers => true];
            $others[] = new OtherInput(
                new Selector($this->page->selector($element)), $this->labels->of($element), $what, $element->hasAttribute('required'),
                match (true) {
                    ! $isBox => null, FoundForm::isOn($element) => Response::Yes, default => Response::Unset
                }
            );
        }

        return $others;
    }

    /**
     * @param  list<AskedField>  $fields
     * @return list<PageInput>
     */
    private function inputs(FoundForm $form, array $fields): array
    {
        $byPlace = [];
        foreach ($fields as $field) {
            $byPlace[$field->where->text()] = $field;
        }
        $inputs = [];
        foreach ($form->controls as $element) {
            $field = $byPlace[$this->page->selector($element)] ?? null;
            if ($field !== null) {
                $visible = $this->labels->visible($element);
                $inputs[] = new PageInput(
                    new Selector($this->page->selector($element)), $field->label, $field->meaning, $field->required, $visible !== '',
                    preg_match(self::NEEDED, "$visible {$element->getAttribute('placeholder')} {$this->labels->helpFor($element)}") === 1,
                    array_values(array_filter(preg_split('/\s+/', strtolower($element->getAttribute('autocomplete'))) ?: []))
                );
            }
        }

        return $inputs;
    }

    /** @return list<PageButton> in the form and right behind it, where ways past it stand */
    private function buttons(FoundForm $form): array
    {
        $elements = $this->page->named([ControlType::BUTTON, 'a', 'input'], $form->element);
        $near = $this->page->behind($form->element);
        for ($i = 0; $i < self::BEHIND && $near !== null && in_array($near->nodeName, self::WAYS, true); $i++, $near = $this->page->behind($near)) {
            array_push($elements, ...$this->isLinkOrButton($near) ? [$near] : $this->page->named([ControlType::BUTTON, 'a'], $near));
        }
        $buttons = [];
        foreach ($elements as $element) {
            $isButton = $element->nodeName !== 'input' || in_array(strtolower($element->getAttribute('type')), ['submit', 'button', 'reset'], true);
            $label = ! $isButton ? '' : ($element->nodeName === 'input' ? $element->getAttribute('value') : $this->page->text($element));
            if ($label !== '') {
                $isLink = $element->nodeName === 'a' && ControlType::kind($element) !== ControlType::BUTTON;
                $buttons[] = new PageButton(new Selector($this->page->selector($element)), $label, $isLink);
            }
        }

        return $buttons;
    }

    private function isLinkOrButton(DOMElement $element): bool
    {
        return $element->nodeName === 'a' || ControlType::kind($element) === ControlType::BUTTON;
    }

    /** @return list<HiddenInput> */
    private function hidden(FoundForm $form): array
    {
        $boxes = array_map(static fn (DOMElement $e): string => $e->getAttribute('name'), $form->inputs('checkbox', 'radio'));
        $hidden = [];
        foreach ($this->page->named(['input'], $form->element) as $element) {
            $type = strtolower($element->getAttribute('type'));
            $name = $element->getAttribute('name');
            // A box that nobody sees, nor words of it, and ticked, is sent as a hidden field is.
            $box = $type === 'checkbox' && $element->hasAttribute('checked') && (($this->page->isHidden($element) && $this->labels->of($element) === '')
                || $this->visibility->isUnseenWithItsWords($element));
            $text = in_array($type, ['', 'text'], true) && $element->getAttribute('value') !== '' && $this->visibility->isUnseen($element);
            if ($name !== '' && ($box || $text || $type === 'hidden')) {
                $value = trim($element->getAttribute('value')) ?: ($box ? 'on' : '');
                foreach (self::within($name, $value) as $each => $one) {
                    $hidden[] = new HiddenInput(
                        new Selector($this->page->selector($element)), $each, $one, ! $box && in_array($name, $boxes, true),
                        $box ? $this->labels->of($element) : $this->labels->around($element)
                    );
                }
            }
        }
        parse_str((string) parse_url($this->sent($form, 'action'), PHP_URL_QUERY), $sent);
        foreach (array_filter($sent, is_string(...)) as $name => $value) {
            $hidden[] = new HiddenInput(new Selector($this->page->selector($form->element)), (string) $name, $value, in_array((string) $name, $boxes, true));
        }

        return $hidden;
    }

    /** @return array<string, string> what a value that holds several says by each of their names, or itself by its own */
    private static function within(string $name, string $value): array
    {
        $each = str_starts_with($value, '{') ? json_decode($value, true) : null;
        $said = is_array($each) ? array_filter($each, is_scalar(...)) : [];

        $text = static fn (bool|int|float|string $one): string => is_bool($one) ? var_export($one, true) : (string) $one;

        return $said === [] ? [$name => $value] : array_map($text, $said);
    }

    private function hasTrap(FoundForm $form): bool
    {
        return array_filter($form->controls, $this->visibility->isUnseen(...)) !== [];
    }

    private function picture(FoundForm $form): ?Selector
    {
        foreach ($this->page->named(['img', 'canvas'], $form->element) as $element) {
            $said = implode(' ', array_map($element->getAttribute(...), ['src', 'alt', 'id', 'class']));
            if (preg_match(self::PICTURE, $said) === 1) {
                return new Selector($this->page->selector($element));
            }
        }

        return null;
    }

    /** An address made whole by the page's; as it is where that is not known. */
    private function whole(string $address): string
    {
        if ($this->address === '' || preg_match('~^[a-z][a-z0-9+.-]*:~i', $address) === 1) {
            return $address;
        }
        $base = parse_url($this->address);
        $scheme = $base['scheme'] ?? 'https';

        return str_starts_with($address, '//') ? "$scheme:$address" : $scheme.'://'.($base['host'] ?? '').'/'.ltrim($address, '/');
    }
}
