<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/**
 * What kind of control an element is, whatever it is made of: pages draw boxes, lists and lines to write in from elements of any name, and say
 * by a role what they play.
 * Source: HTML Standard, input types and contenteditable; WAI-ARIA 1.2, roles.
 */
final class ControlType
{
    /** By what a page finds the elements of a kind. */
    public const FIELD = 'what is filled in';

    public const LIST = 'list to choose from';

    public const ANSWER = 'answer of a list';

    public const BUTTON = 'what is pressed';

    /** Everything that is filled in or chosen. */
    public const CONTROLS = [self::FIELD, self::LIST];

    /** Types of inputs by which what plays one is known. */
    private const PLAYED = [
        'checkbox' => 'checkbox', 'switch' => 'checkbox', 'radio' => 'radio', 'textbox' => 'text', 'searchbox' => 'search', 'spinbutton' => 'number',
    ];

    /** How authors call what looks like a button. */
    private const DRAWN = '~(?<![a-z])(?:btn|button|submit)(?![a-z])~i';

    /** Elements of the page's own that call themselves a box. */
    private const OWN_SWITCH = '~-(?:checkbox|switch|toggle)$~';

    /** The kind of element under which one is found on its page; null of what is none of them. */
    public static function kind(DOMElement $element): ?string
    {
        $role = $element->hasAttributes() ? $element->getAttribute('role') : '';

        return match ($element->nodeName) {
            'input' => strtolower($element->getAttribute('type')) === 'hidden' ? null : self::FIELD,
            'textarea' => self::FIELD,
            'select' => self::LIST,
            'option' => self::ANSWER,
            'a' => isset(self::PLAYED[$role]) ? self::FIELD : (self::isDrawnAsButton($element) ? self::BUTTON : null),
            'button' => isset(self::PLAYED[$role]) || $element->hasAttribute('aria-pressed') ? self::FIELD : self::BUTTON,
            default => match (true) {
                isset(self::PLAYED[$role]), self::isWrittenIn($element), self::isOwnSwitch($element) => self::FIELD,
                $role === 'listbox' => self::LIST,
                $role === 'option' => self::ANSWER,
                $role === 'button' => self::BUTTON,
                default => null,
            },
        };
    }

    /** The type of input that an element is or plays; "select" and "textarea" of these, and "button" of what is pressed. */
    public static function of(DOMElement $element): string
    {
        $role = $element->getAttribute('role');

        return match ($element->nodeName) {
            'input' => strtolower($element->getAttribute('type')) ?: 'text',
            'select', 'textarea' => $element->nodeName,
            'button' => self::PLAYED[$role] ?? ($element->hasAttribute('aria-pressed') ? 'checkbox' : 'button'),
            default => match (true) {
                $role === 'listbox' => 'select',
                $element->getAttribute('aria-multiline') === 'true' => 'textarea',
                self::isOwnSwitch($element) => 'checkbox',
                default => self::PLAYED[$role] ?? 'text',
            },
        };
    }

    /** "<a class="btn" href="#">": a link that leads nowhere, and says that it is a button. */
    private static function isDrawnAsButton(DOMElement $link): bool
    {
        return $link->getAttribute('role') === 'button' || (self::leadsNowhere($link)
            && preg_match(self::DRAWN, $link->getAttribute('class').' '.$link->getAttribute('id')) === 1);
    }

    /** Whether a link has no address, "#" alone, or a script: what it does is done on its page. */
    public static function leadsNowhere(DOMElement $link): bool
    {
        return preg_match('~^(?:#?$|javascript:)~i', trim($link->getAttribute('href'))) === 1;
    }

    /** What says by a role what it is, is that and nothing else. */
    private static function isOwnSwitch(DOMElement $element): bool
    {
        return preg_match(self::OWN_SWITCH, $element->nodeName) === 1 && $element->getAttribute('role') === '';
    }

    private static function isWrittenIn(DOMElement $element): bool
    {
        return $element->hasAttribute('contenteditable') && strtolower($element->getAttribute('contenteditable')) !== 'false'
            && ! in_array($element->nodeName, ['html', 'body', 'form'], true);
    }
}
