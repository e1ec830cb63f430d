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
use Juramen\Wording\Lexicon;
use Juramen\Wording\Topic;

/** Reads the boxes, choices and switches of a form: their words, what they are about, and how they stand beforehand. */
final readonly class ControlReader
{
    private const CHANNELS = [
        'email' => Topic::ByEmail, 'sms' => Topic::BySms, 'phone' => Topic::ByPhone, 'post' => Topic::ByPost, 'messaging' => Topic::ByMessaging,
    ];

    /** @param  non-empty-list<Lexicon>  $lexicons */
    public function __construct(private Page $page, private Labels $labels, private array $lexicons) {}

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
        $refuses = $this->speaks(Topic::Refuses, $label);
        $on = $this->isOn($element);

        return $this->control($element, $label, match (true) {
            ! $on => Response::Unset,
            $refuses => Response::No,
            default => Response::Yes,
        }, $kind, $refuses);
    }

    /** @param  non-empty-list<DOMElement>  $radios */
    private function group(array $radios, FormKind $kind): ?Control
    {
        $options = array_map($this->labels->of(...), $radios);
        $question = $this->question($radios[0]);
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
        DOMElement $element, string $label, Response $response, FormKind $kind, bool $refuses, ?string $judged = null, bool $noIsAnAnswer = false
    ): ?Control {
        $role = $this->role($judged ?? $label, $kind);

        return $role === null ? null : new Control(
            new Selector($this->page->selector($element)), $label, $role, $response,
            ! $noIsAnAnswer && (
                $element->hasAttribute('required') || $element->getAttribute('aria-required') === 'true' || preg_match('~\*\s*$~u', $label) === 1
            ),
            $refuses,
            $role === ControlRole::Consent ? $this->purposes($label) : [],
            $role === ControlRole::Consent ? $this->channels($label, $kind) : [],
        );
    }

    private function role(string $label, FormKind $kind): ?ControlRole
    {
        $left = $label;
        foreach ($this->lexicons as $lexicon) {
            $left = $lexicon->without($left, Topic::Technical);
        }
        $plain = $left;
        foreach ($this->lexicons as $lexicon) {
            $plain = $lexicon->without($plain, Topic::AcceptsTerms, Topic::AcceptsNotice, Topic::Terms, Topic::Notice);
        }

        return match (true) {
            $this->speaks(Topic::Marketing, $plain) => ControlRole::Consent,
            $this->speaks(Topic::Technical, $label) && ! $this->speaks(Topic::Terms, $left) && ! $this->speaks(Topic::Notice, $left) => ControlRole::Technical,
            $this->speaks(Topic::Terms, $label) => ControlRole::Terms,
            $this->speaks(Topic::Notice, $label) => ControlRole::Notice,
            $kind === FormKind::Newsletter && ($this->speaks(Topic::Yes, $label) || $label === '') => ControlRole::Consent,
            default => null,
        };
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
            preg_match('~^(?:yes|ja|oui|y|1|true|on|opt-?in)$~i', $value) === 1 || $this->speaks(Topic::Yes, $text) || $this->speaks(Topic::Marketing, $text)
        );
    }

    private function meansNo(string $text, string $value): bool
    {
        return preg_match('~^(?:no|nein|non|n|0|false|off|opt-?out)$~i', $value) === 1 || preg_match('~^(?:no|nein|non)(?!\p{L})~iu', $text) === 1
            || $this->speaks(Topic::Refuses, $text);
    }

    /** The words that a group of radios answers: its legend, its label, or what stands before the first. */
    private function question(DOMElement $radio): string
    {
        for ($node = $radio->parentNode; $node instanceof DOMElement; $node = $node->parentNode) {
            if ($node->nodeName === 'fieldset') {
                $legend = $this->page->named(['legend'], $node)[0] ?? null;

                return $legend === null ? '' : $this->page->text($legend);
            }
            if ($node->getAttribute('role') === 'radiogroup') {
                $named = $this->page->byId($node->getAttribute('aria-labelledby'));

                return $named === null ? $node->getAttribute('aria-label') : $this->page->text($named);
            }
        }
        $before = '';
        for ($node = $radio->previousSibling ?? $radio->parentNode?->previousSibling; $node !== null && trim($before) === ''; $node = $node->previousSibling) {
            $before = $this->page->text($node);
        }

        return $before;
    }

    /** @return list<string> what for, in the label's own words: from where it names what comes to the end of the clause */
    private function purposes(string $label): array
    {
        $purposes = [];
        foreach ($this->lexicons as $lexicon) {
            $found = $lexicon->find(Topic::Vague, $label);
            $words = $found === null
                ? implode(' ', array_slice($lexicon->contentWords($lexicon->without($label, Topic::Withdrawal, Topic::Notice)), 0, 6))
                : trim((string) preg_replace('/[.;,:!?\n].*$/us', '', mb_substr($label, $found->from, 80)));
            $purposes[] = $words;
            $purposes[] = $lexicon->find(Topic::Partners, $label)->words ?? '';
        }

        return array_values(array_unique(array_filter($purposes, static fn (string $p): bool => $p !== '')));
    }

    /** @return list<Channel> */
    private function channels(string $label, FormKind $kind): array
    {
        $channels = [];
        foreach (self::CHANNELS as $channel => $topic) {
            if ($this->speaks($topic, $label)) {
                $channels[] = Channel::from($channel);
            }
        }

        return $channels === [] && $kind === FormKind::Newsletter ? [Channel::Email] : $channels;
    }

    private function speaks(Topic $topic, string $text): bool
    {
        return array_filter($this->lexicons, static fn (Lexicon $l): bool => $l->speaksOf($topic, $text)) !== [];
    }
}
