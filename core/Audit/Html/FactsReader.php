<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\AskedField;
use Juramen\Audit\Control;
use Juramen\Audit\HiddenInput;
use Juramen\Audit\OtherInput;
use Juramen\Audit\OutsideCall;
use Juramen\Audit\PageButton;
use Juramen\Audit\PageFacts;
use Juramen\Audit\PageInput;
use Juramen\Audit\Response;
use Juramen\Audit\Selector;
use Juramen\Register\Colour;

/** Reads what only a page of others tells: how a form is sent, what the page loads, what nobody sees. */
final readonly class FactsReader
{
    private const NEEDED = '~\*|\((?:required|optional|pflichtfeld|erforderlich|freiwillig|obligatoire|facultatif|facultative|obligatorisk|valfritt|frivilligt'
        .'|påkrævet|valgfrit|valgfri)\)|\b(?:required|optional|mandatory|pflichtfeld|erforderlich|freiwillig|obligatoire|facultatif|obligatoriskt?|valfritt?'
        .'|frivilligt?|påkrævet|valgfrit)\b~iu';

    /** What a picture that is to be read by the sighted is called. */
    private const PICTURE = '~captcha|security.?code|verification.?code|sicherheitscode|code.de.sécurité~iu';

    /** What in a script of a page stores or reads on the device at once. */
    private const STORES = '~document\s*\.\s*cookie|(?:local|session)Storage|indexedDB~';

    /** Elements that load something, by which attribute, and what. */
    private const LOADING = [['script', 'src', 'a script'], ['iframe', 'src', 'a frame'], ['img', 'src', 'a picture'], ['link', 'href', 'a style']];

    private const COLOUR = '(#[0-9a-f]{3,6}\b|rgb\(\s*\d+\s*,\s*\d+\s*,\s*\d+\s*\)|white|black|silver|gr[ae]y|lightgr[ae]y)';

    private const NEEDED_CONTRAST = 4.5;

    /** Elements behind a form that are looked at for ways past it, and what they are. */
    private const BEHIND = 2;

    private const WAYS = ['button', 'a', 'p', 'div', 'span'];

    /** @var list<OutsideCall> all that the page loads from a host that it names, its own among them */
    private array $loaded;

    private ?Selector $stores;

    /** @param  list<DOMElement>  $ticked  boxes that a script of the page ticks at once */
    public function __construct(
        private Page $page, private Visibility $visibility, private Labels $labels, private string $address, private array $ticked
    ) {
        $this->loaded = $this->loaded();
        $this->stores = $this->stores();
    }

    /**
     * @param  list<AskedField>  $fields  that the form asks for
     * @param  list<Control>  $controls  that are known for what they are
     */
    public function read(FoundForm $form, array $fields, array $controls): PageFacts
    {
        [$action, $method] = [trim($form->element->getAttribute('action')), strtolower(trim($form->element->getAttribute('method')))];
        [$faint, $small] = $this->hardToRead($form);
        $popUps = new PopUpReader($this->page, $this->visibility->styles);

        return new PageFacts(
            $this->address, $action === '' ? '' : $this->whole($action), $method, $form->element->hasAttribute('onsubmit'), $this->inputs($form, $fields),
            $this->hidden($form), $this->calls($action === '' ? '' : $this->whole($action)), $this->hasTrap($form), $this->picture($form), $this->stores,
            $faint, $small, array_map(fn (DOMElement $e): Selector => new Selector($this->page->selector($e)), $form->controls), $popUps->clock($form),
            $popUps->cannotBeClosed($form), $this->buttons($form), $this->others($form, [...$fields, ...$controls]),
            array_map(fn (DOMElement $e): Selector => new Selector($this->page->selector($e)), $this->ticked)
        );
    }

    /**
     * @param  list<AskedField|Control>  $known
     * @return list<OtherInput> of boxes that answer one question the first
     */
    private function others(FoundForm $form, array $known): array
    {
        $seen = array_fill_keys(array_map(static fn (AskedField|Control $part): string => $part->where->text(), $known), true);
        $others = [];
        foreach ($form->controls as $element) {
            [$type, $role] = [strtolower($element->getAttribute('type')), $element->getAttribute('role')];
            $isBox = in_array($type, ['checkbox', 'radio'], true) || in_array($role, ['checkbox', 'switch', 'radio'], true);
            $what = match (true) {
                $isBox => 'a box', $type === 'password' => 'a password', $type === 'file' => 'a file', $element->nodeName === 'select' => 'a list',
                default => '',
            };
            $question = $type === 'radio' || $role === 'radio' ? $element->getAttribute('name').' '.spl_object_id($element->parentNode ?? $element) : '';
            if ($what === '' || isset($seen[$this->page->selector($element)]) || isset($seen[$question]) || $this->page->isHidden($element)) {
                continue;
            }
            $seen += $question === '' ? [] : [$question => true];
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
        $elements = $this->page->named(['button', 'a', 'input'], $form->element);
        $near = $form->element->nextElementSibling;
        for ($i = 0; $i < self::BEHIND && $near instanceof DOMElement && in_array($near->nodeName, self::WAYS, true); $i++, $near = $near->nextElementSibling) {
            array_push($elements, ...in_array($near->nodeName, ['button', 'a'], true) ? [$near] : $this->page->named(['button', 'a'], $near));
        }
        $buttons = [];
        foreach ($elements as $element) {
            $isButton = $element->nodeName !== 'input' || in_array(strtolower($element->getAttribute('type')), ['submit', 'button', 'reset'], true);
            $label = ! $isButton ? '' : ($element->nodeName === 'input' ? $element->getAttribute('value') : $this->page->text($element));
            if ($label !== '') {
                $buttons[] = new PageButton(new Selector($this->page->selector($element)), $label, $element->nodeName === 'a');
            }
        }

        return $buttons;
    }

    /** @return list<HiddenInput> */
    private function hidden(FoundForm $form): array
    {
        $boxes = array_map(static fn (DOMElement $e): string => $e->getAttribute('name'), $form->inputs('checkbox', 'radio'));
        $hidden = [];
        foreach ($this->page->named(['input'], $form->element) as $element) {
            $type = strtolower($element->getAttribute('type'));
            $name = $element->getAttribute('name');
            // A box that nobody sees, without words, and ticked, is sent as a hidden field is.
            $box = $type === 'checkbox' && $element->hasAttribute('checked') && $this->page->isHidden($element) && $this->labels->of($element) === '';
            $text = in_array($type, ['', 'text'], true) && $element->getAttribute('value') !== '' && $this->visibility->isUnseen($element);
            if ($name !== '' && ($box || $text || $type === 'hidden')) {
                $hidden[] = new HiddenInput(
                    new Selector($this->page->selector($element)), $name, trim($element->getAttribute('value')) ?: ($box ? 'on' : ''),
                    ! $box && in_array($name, $boxes, true)
                );
            }
        }

        return $hidden;
    }

    /** @return list<OutsideCall> */
    private function calls(string $action): array
    {
        $own = [self::site(self::host($this->address)), self::site(self::host($action))];

        return array_values(array_filter($this->loaded, static fn (OutsideCall $c): bool => ! in_array(self::site($c->host), $own, true)));
    }

    /** @return list<OutsideCall> */
    private function loaded(): array
    {
        $calls = [];
        foreach (self::LOADING as [$name, $of, $what]) {
            foreach ($this->page->named([$name]) as $element) {
                $host = self::host($element->getAttribute($of));
                if ($host !== '' && $this->loads($element, $name)) {
                    $calls[] = new OutsideCall(new Selector($this->page->selector($element)), $what, $host);
                }
            }
        }

        return $calls;
    }

    /** Scripts that wait for a consent, and links that load nothing, call nobody. */
    private function loads(DOMElement $element, string $name): bool
    {
        $type = strtolower($element->getAttribute('type'));

        return match ($name) {
            'script' => in_array($type, ['', 'module', 'text/javascript', 'application/javascript'], true),
            'link' => preg_match('~\b(?:stylesheet|preload|icon)\b~i', $element->getAttribute('rel')) === 1,
            default => true,
        };
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

    private function stores(): ?Selector
    {
        foreach ($this->page->named(['script']) as $script) {
            if ($script->getAttribute('src') === '' && preg_match(self::STORES, $script->textContent) === 1) {
                return new Selector($this->page->selector($script));
            }
        }

        return null;
    }

    /** @return array{list<Selector>, list<Selector>} words beside boxes that hardly stand out, and those that are smaller than the others */
    private function hardToRead(FoundForm $form): array
    {
        [$faint, $small] = [[], []];
        foreach ($form->inputs('checkbox', 'radio') as $box) {
            $words = $this->labels->element($box) ?? $box->parentNode;
            $words = $words instanceof DOMElement && $this->page->text($words) === '' ? $words->nextElementSibling : $words;
            if (! $words instanceof DOMElement) {
                continue;
            }
            [$colour, $ground, $tiny] = [null, null, false];
            for ($node = $words; $node instanceof DOMElement && $node->nodeName !== 'html'; $node = $node->parentNode) {
                $style = $this->visibility->styles->saidOf($node);
                $colour ??= self::colour($style, '(?<![-\w])color');
                $ground ??= self::colour($style, '(?<![-\w])background(?:-color)?');
                $tiny = $tiny || ($this->page->holds($form->element, $node) && $node !== $form->element && self::isTiny($node, $style));
            }
            $where = new Selector($this->page->selector($box));
            if ($colour !== null && $colour->contrast($ground ?? Colour::white()) < self::NEEDED_CONTRAST) {
                $faint[] = $where;
            }
            if ($tiny || $this->page->count(['small'], $words) > 0 || $this->isWhollyTiny($words)) {
                $small[] = $where;
            }
        }

        return [$faint, $small];
    }

    /** Whether all its words stand in one element that is tiny. */
    private function isWhollyTiny(DOMElement $words): bool
    {
        $all = $this->page->text($words);
        foreach ($all === '' ? [] : $this->page->named(['font', 'span', 'p', 'div', 'em', 'i'], $words) as $part) {
            if (self::isTiny($part, $this->visibility->styles->saidOf($part)) && $this->page->text($part) === $all) {
                return true;
            }
        }

        return false;
    }

    private static function isTiny(DOMElement $node, string $style): bool
    {
        if ($node->nodeName === 'small' || ($node->nodeName === 'font' && in_array($node->getAttribute('size'), ['1', '-2'], true))) {
            return true;
        }

        return $style !== '' && preg_match('~font-size\s*:\s*([\d.]+)(px|pt|em|rem|%)~i', $style, $m) === 1
            && (float) $m[1] < match (strtolower($m[2])) {
                'px' => 12.0,
                'pt' => 9.0,
                '%' => 80.0,
                default => 0.8,
            };
    }

    private static function colour(string $style, string $property): ?Colour
    {
        if ($style === '' || preg_match("~$property\\s*:\\s*".self::COLOUR.'~i', $style, $m) !== 1) {
            return null;
        }
        $said = strtolower($m[1]);
        if (preg_match('~^rgb\(\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)~', $said, $rgb) === 1) {
            $said = sprintf('#%02x%02x%02x', min(255, (int) $rgb[1]), min(255, (int) $rgb[2]), min(255, (int) $rgb[3]));
        }
        $named = ['white' => '#ffffff', 'black' => '#000000', 'silver' => '#c0c0c0', 'gray' => '#808080', 'grey' => '#808080', 'lightgray' => '#d3d3d3',
            'lightgrey' => '#d3d3d3'];
        $hex = $named[$said] ?? $said;

        return Colour::find(strlen($hex) === 4 ? "#$hex[1]$hex[1]$hex[2]$hex[2]$hex[3]$hex[3]" : $hex);
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

    private static function host(string $address): string
    {
        return preg_match('~^(?:https?:)?//([^/?#:@\s]+)~i', trim($address), $m) === 1 ? strtolower($m[1]) : '';
    }

    /** The last two parts of a host, or three where the second is short: what one owner most often has. */
    private static function site(string $host): string
    {
        $parts = explode('.', $host);
        $short = count($parts) > 2 && strlen($parts[count($parts) - 2]) <= 3 && strlen($parts[count($parts) - 1]) === 2;

        return implode('.', array_slice($parts, $short ? -3 : -2));
    }
}
