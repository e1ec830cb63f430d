<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\Response;
use Juramen\Audit\Selector;
use Juramen\Points\FormKind;
use Juramen\Register\Channel;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** Reads the boxes, choices and switches of a form: their words, what they are about, and how they stand beforehand. */
final readonly class ControlReader
{
    private const CHANNELS = [
        'email' => WordClass::ByEmail, 'sms' => WordClass::BySms, 'phone' => WordClass::ByPhone, 'post' => WordClass::ByPost,
        'messaging' => WordClass::ByMessaging,
    ];

    /** What a no must be a no to, for it to be about being written to. */
    private const SENT = [
        WordClass::ByEmail, WordClass::BySms, WordClass::ByPhone, WordClass::ByMessaging, WordClass::Advertising, WordClass::Carrier, WordClass::Vague,
        WordClass::Rate,
    ];

    /** Words that a label has at most which names a channel alone. */
    private const CHANNEL_WORDS = 3;

    /** Bytes of a label that names nothing but channels. */
    private const LONGEST_LIST = 80;

    /** Characters of a label that are given as what for. */
    private const PURPOSE = 80;

    public function __construct(private Page $page, private Labels $labels, private Listener $listener) {}

    /** @return list<Control> */
    public function read(FoundForm $form, FormKind $kind): array
    {
        $controls = [];
        $groups = [];
        foreach ($form->controls as $element) {
            $role = $element->getAttribute('role');
            $type = strtolower($element->getAttribute('type'));
            if ($this->page->isHidden($element) && ! $this->isOn($element)) {
                continue;
            }
            if ($type === 'checkbox' || in_array($role, ['checkbox', 'switch'], true)) {
                $controls[] = $this->box($element, $kind);
            } elseif ($type === 'radio' || $role === 'radio') {
                $groups[$element->getAttribute('name') ?: spl_object_id($element->parentNode ?? $element)][] = $element;
            } elseif ($element->nodeName === 'select') {
                $controls[] = $this->choice($element, $kind);
            }
        }
        foreach ($groups as $group) {
            $controls[] = $this->group($group, $kind);
        }

        return array_values(array_filter($controls));
    }

    private function box(DOMElement $element, FormKind $kind): ?Control
    {
        $label = $this->labels->of($element);
        $own = $label;
        if ($this->namesChannelsAlone($label) || ($this->role($label, $kind) === null && $this->namesChannel($label))) {
            // A box that names only a channel is one of several answers to what stands over them.
            $label = Page::tidy($this->question([$element])."\n".$label);
        }
        // "Untick this if you do not want that": the tick is a yes, however it came there.
        $unticks = $this->speaks(WordClass::Unticks, $this->listener->without($label, WordClass::Refuses));
        $refuses = $this->listener->hears($label, Meaning::AsksForNo) && ! $unticks;
        $on = $this->isOn($element);

        return $this->control($element, $label, match (true) {
            ! $on => Response::Unset,
            $refuses => Response::No,
            default => Response::Yes,
        }, $kind, $refuses, channels: $own === $label ? null : $own);
    }

    /** Whether words name a channel and hardly anything else: "Email", "By post". */
    private function namesChannel(string $label): bool
    {
        $words = preg_split('~\s+~u', trim($label), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return $words !== [] && count($words) <= self::CHANNEL_WORDS
            && array_filter(self::CHANNELS, fn (WordClass $class): bool => $this->speaks($class, $label)) !== [];
    }

    /** "By email, by post and by phone": nothing but channels, though more than one. */
    private function namesChannelsAlone(string $label): bool
    {
        if (strlen($label) > self::LONGEST_LIST || ! $this->listener->speaksOf($label, ...array_values(self::CHANNELS))) {
            return false;
        }
        $left = $this->listener->without($label, WordClass::Joins, WordClass::Little, ...array_values(self::CHANNELS));

        return preg_match('~\p{L}~u', $left) !== 1;
    }

    /** @param  non-empty-list<DOMElement>  $radios */
    private function group(array $radios, FormKind $kind): ?Control
    {
        $options = array_map($this->labels->of(...), $radios);
        $question = $this->question($radios);
        $response = Response::Unset;
        $where = $radios[0];
        foreach ($radios as $i => $radio) {
            if ($this->isOn($radio)) {
                $where = $radio;
                $response = $this->meansYes($options[$i], $radio->getAttribute('value')) ? Response::Yes : Response::No;
            }
        }

        return $this->control(
            $where, Page::tidy($question."\n".implode(' / ', $options)), $response, $kind, false, $question."\n".implode("\n", $options), noIsAnAnswer: true
        );
    }

    private function choice(DOMElement $select, FormKind $kind): ?Control
    {
        $label = $this->labels->of($select);
        $options = $this->page->named(['option'], $select);
        $words = implode(' / ', array_map(static fn (DOMElement $o): string => Page::tidy($o->textContent), $options));
        $chosen = array_values(array_filter($options, static fn (DOMElement $o): bool => $o->hasAttribute('selected')))[0]
            ?? ($select->hasAttribute('multiple') ? null : $options[0] ?? null);
        $yesNo = array_filter(
            $options,
            fn (DOMElement $o): bool => $this->meansYes(Page::tidy($o->textContent), $o->getAttribute('value')) || $this
                ->meansNo(Page::tidy($o->textContent), $o->getAttribute('value'))
        ) !== [];
        if (! $yesNo) {
            return null;
        }
        $text = $chosen === null ? '' : Page::tidy($chosen->textContent);
        $value = $chosen?->getAttribute('value') ?? '';

        return $this->control($select, Page::tidy($label."\n".$words), match (true) {
            $chosen === null, $chosen->hasAttribute('value') && $value === '' => Response::Unset,
            $this->meansYes($text, $value) => Response::Yes,
            $this->meansNo($text, $value) => Response::No,
            default => Response::Unset,
        }, $kind, false, noIsAnAnswer: true);
    }

    private function control(
        DOMElement $element, string $label, Response $response, FormKind $kind, bool $refuses, ?string $judged = null, bool $noIsAnAnswer = false,
        ?string $channels = null
    ): ?Control {
        $role = $this->role($judged ?? $label, $kind);

        return $role === null ? null : new Control(
            new Selector($this->page->selector($element)), $label, $role, $response,
            ! $noIsAnAnswer && (
                $element->hasAttribute('required') || $element->getAttribute('aria-required') === 'true' || preg_match('~\*\s*$~u', $label) === 1
            ),
            $refuses,
            $role === ControlRole::Consent ? $this->purposes($label) : [],
            $role === ControlRole::Consent ? $this->channels($channels ?? $label, $kind) : [],
        );
    }

    private function role(string $label, FormKind $kind): ?ControlRole
    {
        $left = $this->listener->without($label, WordClass::Technical);
        $plain = $this->listener->without($left, WordClass::Terms, WordClass::Notice);

        return match (true) {
            $this->isService($label) => ControlRole::Technical,
            $this->listener->hears($plain, Meaning::Sends, Meaning::PassedOn) => ControlRole::Consent,
            // "Tick to opt out of our monthly email": a no to being written to is about being written to.
            $this->listener->hears($plain, Meaning::AsksForNo) && $this->listener->speaksOf($plain, ...self::SENT) => ControlRole::Consent,
            $this->listener->hears($label, Meaning::ToAnswer) && ! $this->speaks(WordClass::Reads, $label)
                && ! $this->speaks(WordClass::Terms, $label) => ControlRole::Technical,
            $this->speaks(WordClass::Technical, $label)
                && ! $this->listener->speaksOf($left, WordClass::Terms, WordClass::Notice) => ControlRole::Technical,
            $this->speaks(WordClass::Terms, $label) => ControlRole::Terms,
            $this->speaks(WordClass::Notice, $label) => ControlRole::Notice,
            $kind === FormKind::Newsletter && ($this->speaks(WordClass::Yes, $label) || $label === '') => ControlRole::Consent,
            default => null,
        };
    }

    /** "Text me when my parcel is on its way": what belongs to the order itself, and nothing that advertises. */
    private function isService(string $label): bool
    {
        return $this->speaks(WordClass::Service, $label)
            && ! $this->listener->speaksOf($this->listener->without($label, WordClass::Service), WordClass::Advertising, WordClass::Vague, WordClass::Outsider);
    }

    private function isOn(DOMElement $element): bool
    {
        return $element->hasAttribute('checked') || in_array(
            'true',
            [
                strtolower($element->getAttribute('aria-checked')), strtolower($element->getAttribute('aria-pressed')),
                strtolower($element->getAttribute('data-checked')),
            ],
            true
        )
            || in_array(strtolower($element->getAttribute('data-state')), ['checked', 'on'], true);
    }

    private function meansYes(string $text, string $value): bool
    {
        return ! $this->meansNo($text, $value) && (
            preg_match('~^(?:yes|ja|oui|y|1|true|on|opt-?in)$~i', $value) === 1 || $this->speaks(WordClass::Yes, $text)
            || $this->listener->hears($text, Meaning::Sends)
        );
    }

    private function meansNo(string $text, string $value): bool
    {
        return preg_match('~^(?:no|nein|non|n|0|false|off|opt-?out)$~i', $value) === 1 || preg_match('~^(?:no|nein|non)(?!\p{L})~iu', $text) === 1
            || $this->listener->hears($text, Meaning::AsksForNo);
    }

    /**
     * The words that choices answer: the legend or name of the nearest group around them that has one, or what stands before the first of
     * them, however deeply they are nested.
     *
     * @param  non-empty-list<DOMElement>  $choices
     */
    private function question(array $choices): string
    {
        for ($node = $choices[0]->parentNode; $node instanceof DOMElement && $node->nodeName !== 'form'; $node = $node->parentNode) {
            $named = $this->groupName($node);
            if ($named !== '') {
                return $named;
            }
        }
        for ($node = $choices[0]; $node instanceof DOMElement && ! in_array($node->nodeName, ['form', 'body'], true); $node = $node->parentNode) {
            $before = $this->before($node, $choices);
            if ($before !== '') {
                return $before;
            }
        }

        return '';
    }

    /** What a group of controls is called; empty where it is none, or has no name. */
    private function groupName(DOMElement $node): string
    {
        if ($node->nodeName === 'fieldset') {
            $legend = $this->page->named(['legend'], $node)[0] ?? null;

            return $legend === null ? '' : $this->page->text($legend);
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
        for ($node = $element->previousSibling; $node !== null; $node = $node->previousSibling) {
            $text = $this->page->text($node);
            if ($text === '') {
                continue;
            }
            $own = $node instanceof DOMElement
                && ($this->page->count(['input to fill in', 'select', 'textarea'], $node) > 0
                    || ($node->nodeName === 'label' && $node->getAttribute('for') !== ''
                        && $this->isLabelOfAnother($node->getAttribute('for'), $choices)));

            return $own ? '' : $text;
        }

        return '';
    }

    /** @param  non-empty-list<DOMElement>  $choices */
    private function isLabelOfAnother(string $id, array $choices): bool
    {
        return array_filter($choices, static fn (DOMElement $c): bool => $c->getAttribute('id') === $id) === [] && $this->page->byId($id) !== null;
    }

    /** @return list<string> what for, in the label's own words: from where it names what comes to the end of the clause */
    private function purposes(string $label): array
    {
        $general = $this->listener->first($label, Meaning::PurposeGeneral)?->words;
        $purposes = [
            $general === null ? $this->listener->inEach($label, Meaning::PurposeNamed)->named ?? ''
                : trim((string) preg_replace('/[.;,:!?\n].*$/us', '', mb_substr($label, $general->from, self::PURPOSE))),
            $this->listener->first($label, Meaning::PassedOn, Meaning::OthersMentioned)->words->words ?? '',
        ];

        return array_values(array_unique(array_filter($purposes, static fn (string $p): bool => $p !== '')));
    }

    /** @return list<Channel> */
    private function channels(string $label, FormKind $kind): array
    {
        $channels = [];
        foreach (self::CHANNELS as $channel => $class) {
            if ($this->speaks($class, $label)) {
                $channels[] = Channel::from($channel);
            }
        }

        return $channels === [] && $kind === FormKind::Newsletter ? [Channel::Email] : $channels;
    }

    private function speaks(WordClass $class, string $text): bool
    {
        return $this->listener->speaksOf($text, $class);
    }
}
