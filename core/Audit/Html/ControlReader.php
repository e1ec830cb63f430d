<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\Response;
use Juramen\Audit\Selector;
use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** Reads the boxes, choices and switches of a form: their words, what they are about, and how they stand beforehand. */
final readonly class ControlReader
{
    /** A mark behind a label that says that it is needed. */
    /** What a box does with a button as it is ticked and left empty. */
    private const LOCKS = '~\.disabled\s*=\s*(?:!\s*(?:this|event\s*\.\s*target)\s*\.\s*checked|this\s*\.\s*checked\s*===?\s*false'
        .'|this\s*\.\s*checked\s*\?\s*false)~';

    private const MARKED = '~\*\s*$|\((?:required|pflichtfeld|erforderlich|obligatoire|obligatoriskt?|påkrævet)\)\s*$~iu';

    /** Bytes of what explains a label of few words. */
    private const LONGEST_HELP = 300;

    /** Characters of a label that are given as what for. */
    private const PURPOSE = 80;

    private Questions $questions;

    private LabelWords $words;

    private Roles $roles;

    public function __construct(private Page $page, private Labels $labels, private Choices $choices, private Listener $listener)
    {
        $this->questions = new Questions($listener);
        $this->words = new LabelWords($listener);
        $this->roles = new Roles($this->questions, $this->words, $listener);
    }

    /** @return list<Control> */
    public function read(FoundForm $form, FormKind $kind): array
    {
        $controls = [];
        $groups = [];
        // The label of the box before and what it answers, where it names a channel or a subject.
        $before = null;
        foreach ($form->controls as $element) {
            $type = ControlType::of($element);
            if ($this->page->isHidden($element) && ! FoundForm::isOn($element)) {
                continue;
            }
            if ($type === 'checkbox' && $this->isOneAnswer($element, $form)) {
                $groups[spl_object_id($element->parentNode ?? $element)][] = $element;
            } elseif ($type === 'checkbox') {
                $label = $this->explained($element, $this->labels->of($element));
                $question = $this->askedOver($element, $label, $kind, $before);
                $before = $question === null || $this->words->isBareAnswer($label) ? null : [$label, $question];
                $controls[] = $this->box($element, $label, $question, $kind);
            } elseif ($type === 'radio') {
                $groups[$element->getAttribute('name') ?: spl_object_id($element->parentNode ?? $element)][] = $element;
            } elseif ($type === 'select') {
                $controls[] = $this->choice($element, $kind);
            }
        }
        foreach ($groups as $group) {
            $controls[] = $this->group($group, $kind);
        }

        return array_values(array_filter($controls));
    }

    /** "Yes" and "No" as two buttons side by side, one of which is pressed: a choice, and no boxes. */
    private function isOneAnswer(DOMElement $element, FoundForm $form): bool
    {
        if (! $element->hasAttribute('aria-pressed')) {
            return false;
        }
        $beside = array_filter($form->controls, static fn (DOMElement $other): bool => $other->hasAttribute('aria-pressed')
            && $other->parentNode === $element->parentNode);

        return count($beside) > 1 && array_filter($beside, fn (DOMElement $other): bool => ! $this->words->isAnswer($this->labels->of($other))) === [];
    }

    /** "Newsletter", and under it what comes and how it ends: a label of few words with what explains it. */
    private function explained(DOMElement $element, string $label): string
    {
        $channel = $this->words->isChannel($label) && ! $this->speaks(WordClass::Advertising, $label);
        if ($channel || ! $this->words->namesSubject($label) || $this->listener->hears($label, Meaning::PurposeNamed)) {
            return $label;
        }
        $help = trim(str_replace($label, '', $this->labels->helpFor($element)));
        $explains = strlen($help) <= self::LONGEST_HELP && $this->listener->hears($help, Meaning::Sends, Meaning::RateGiven, Meaning::CanEnd);

        return $explains ? Lines::tidy("$label\n$help") : $label;
    }

    /**
     * What a box answers that names only a channel, or a subject below words by which something is to come: one of several answers to what stands
     * over the first of them.
     *
     * @param  array{string, string}|null  $before  the label of the box before and what it answers, if it is such a one
     * @return string|null null where its label says by itself what it is, or only how what comes anyway comes
     */
    private function askedOver(DOMElement $element, string $label, FormKind $kind, ?array $before): ?string
    {
        if ($this->words->isBareAnswer($label)) {
            return $this->agreedTo($element, $label, $kind);
        }
        $role = $this->roles->of($label, $kind);
        if ($role === ControlRole::Technical) {
            return null;
        }
        $says = $role !== null;
        $channel = $this->words->namesChannelsAlone($label) || (! $says && $this->words->isChannel($label));
        $question = $this->choices->question([$element]);
        if (! $channel && $role === ControlRole::Consent && $this->pointsBack($label)) {
            return $this->namesWhatComes($question) ? $question : null;
        }
        if (! $channel && ($says || ! $this->words->namesSubject($label))) {
            return null;
        }
        if ($before !== null && in_array($question, ['', $before[0]], true)) {
            return $before[1];
        }

        // "Topics" says no more than that they are some.
        if ($this->isTopic($element, $label, $kind)) {
            return $this->speaks(WordClass::Topics, $question) ? null : $question;
        }

        return $channel || ($this->choices->leadsOn($element, $question) && $this->roles->of($question, $kind) === ControlRole::Consent) ? $question : null;
    }

    /** "Send it to my inbox": what comes is said by nothing in it. */
    private function pointsBack(string $label): bool
    {
        return ! $this->listener->hears($label, Meaning::PurposeNamed, Meaning::PurposeGeneral, Meaning::PassedOn, Meaning::AsksForNo)
            && ! $this->listener->speaksOf(
                $this->listener->without($label, ...WordClass::means()), WordClass::Advertising, WordClass::Carrier, WordClass::Vague
            );
    }

    private function namesWhatComes(string $words): bool
    {
        return strlen($words) <= self::LONGEST_HELP && $this->listener->hears($words, Meaning::PurposeNamed)
            && $this->listener->speaksOf($words, WordClass::Advertising, WordClass::Carrier, WordClass::Rate, WordClass::Unit, ...WordClass::means());
    }

    /** What "I agree" answers, where that is consent: the words over it, or else those that explain it. */
    private function agreedTo(DOMElement $element, string $label, FormKind $kind): ?string
    {
        $over = $this->choices->question([$element]);
        $asks = $this->choices->leadsOn($element, $over) || $this->questions->askForMore($over);
        if ($asks && $this->roles->of($over, $kind) === ControlRole::Consent) {
            return $over;
        }
        $help = trim(str_replace($label, '', $this->labels->helpFor($element)));

        return $this->questions->askForMore($help) && $this->roles->of($help, $kind) === ControlRole::Consent ? $help : null;
    }

    /** @param  string|null  $question  where it is one of several answers to it */
    private function box(DOMElement $element, string $own, ?string $question, FormKind $kind): ?Control
    {
        $isChannel = $question !== null && $this->words->isChannel($own);
        $label = match (true) {
            $question === null => $own,
            $isChannel, $this->words->isBareAnswer($own) => Lines::tidy($question."\n".$own),
            default => Lines::tidy(rtrim($question, ' :').': '.$own),
        };
        // "Untick this if you do not want that": the tick is a yes, however it came there.
        $unticks = $this->speaks(WordClass::Unticks, $this->listener->without($label, WordClass::Refuses));
        $refuses = $this->listener->hears($label, Meaning::AsksForNo) && ! $unticks;
        $on = FoundForm::isOn($element);

        $role = match (true) {
            $this->isTopic($element, $own, $kind) => ControlRole::Consent,
            $this->isOneOfMatters($element, $own, $kind) => null,
            $isChannel => $this->roles->below((string) $question, $label, $kind),
            default => $this->roles->of($label, $kind),
        };

        return $this->control($element, $label, $role, match (true) {
            ! $on => Response::Unset,
            $refuses => Response::No,
            default => Response::Yes,
        }, $kind, $refuses, channels: $isChannel ? $own : null);
    }

    /** "Roses" on a form for a letter: of what it is to speak, and nobody must choose it. */
    private function isTopic(DOMElement $box, string $own, FormKind $kind): bool
    {
        return $kind === FormKind::Newsletter && ! FoundForm::isRequired($box)
            && $this->words->namesSubject($own) && $this->roles->of($own, $kind) === null
            && ! $this->listener->speaksOf($own, WordClass::Rate, WordClass::Unit, WordClass::Yes, WordClass::Refuses)
            && $this->questions->askTopics($this->choices->question([$box]), $own);
    }

    /** Whether it answers a question about something else than what may come. */
    private function isOneOfMatters(DOMElement $box, string $own, FormKind $kind): bool
    {
        if (! $this->words->namesSubject($own) || $this->questions->isWish($own)) {
            return false;
        }
        $question = $this->choices->question([$box]);

        return $this->questions->askMatter($question, $kind) || $this->questions->askElse($question, $own);
    }

    /** @param  non-empty-list<DOMElement>  $radios */
    private function group(array $radios, FormKind $kind): ?Control
    {
        $options = array_map($this->labels->of(...), $radios);
        $question = $this->choices->question($radios);
        $response = Response::Unset;
        $where = $radios[0];
        foreach ($radios as $i => $radio) {
            if (FoundForm::isOn($radio)) {
                $where = $radio;
                $yes = $this->words->meansYes($options[$i], $radio->getAttribute('value')) || $this->answersHow($question, $options[$i])
                    || $this->answersHowOften($options[$i], $options);
                $response = $yes ? Response::Yes : Response::No;
            }
        }

        // "When may we call? Mornings": neither a yes nor a no.
        $tells = array_filter($options, $this->words->isAnswer(...)) === [];
        $role = $tells && $this->questions->askHow($question, $kind) ? ControlRole::Technical : $this->roles->answering($question, $options, $kind);
        // "Post: yes, no" in a table below what comes.
        if (! $tells && in_array($role, [null, ControlRole::Consent], true) && $this->words->isChannel($question)) {
            $role = ControlRole::Consent;
            $question = Lines::tidy($this->choices->column($where)."\n".$question);
        }

        return $this->control($where, Lines::tidy($question."\n".implode(' / ', $options)), $role, $response, $kind, false, noIsAnAnswer: true);
    }

    /** "How may we send you offers? By email": the channel is a yes. */
    private function answersHow(string $question, string $answer): bool
    {
        return $this->words->isChannel($answer) && $this->listener->hears($question, Meaning::Sends);
    }

    /**
     * "Weekly", where "never" may be chosen, too: how often is a yes.
     *
     * @param  list<string>  $answers
     */
    private function answersHowOften(string $answer, array $answers): bool
    {
        $no = array_filter($answers, fn (string $other): bool => $this->words->meansNo($other, ''));

        return $no !== [] && ! in_array($answer, $no, true) && $this->listener->speaksOf($answer, WordClass::Rate, WordClass::Unit);
    }

    private function choice(DOMElement $select, FormKind $kind): ?Control
    {
        $label = $this->labels->of($select);
        $options = $this->page->named([ControlType::ANSWER], $select);
        $words = implode(' / ', array_map(static fn (DOMElement $o): string => Lines::tidy($o->textContent), $options));
        $chosen = array_values(array_filter($options, FoundForm::isOn(...)))[0]
            ?? ($select->hasAttribute('multiple') ? null : $options[0] ?? null);
        $asks = $this->listener->hears($label, Meaning::Sends);
        $yesNo = array_filter($options, function (DOMElement $o) use ($asks): bool {
            [$text, $value] = [Lines::tidy($o->textContent), $o->getAttribute('value')];

            return (($asks || $this->words->isAnswer($text)) && $this->words->meansYes($text, $value)) || $this->words->meansNo($text, $value);
        }) !== [];
        if (! $yesNo && ! ($select->hasAttribute('multiple') && $this->roles->of($label, $kind) === ControlRole::Consent)) {
            return null;
        }
        $text = $chosen === null ? '' : Lines::tidy($chosen->textContent);
        $value = $chosen?->getAttribute('value') ?? '';

        $answers = array_map(static fn (DOMElement $o): string => Lines::tidy($o->textContent), $options);

        return $this->control($select, Lines::tidy($label."\n".$words), $this->roles->answering($label, $answers, $kind), match (true) {
            $chosen === null, $chosen->hasAttribute('value') && $value === '' => Response::Unset,
            // One of several subjects.
            ! $yesNo => Response::Yes,
            $this->words->meansYes($text, $value) || $this->answersHow($label, $text) || $this->answersHowOften($text, $answers) => Response::Yes,
            $this->words->meansNo($text, $value) => Response::No,
            default => Response::Unset,
        }, $kind, false, noIsAnAnswer: true);
    }

    private function control(
        DOMElement $element, string $label, ?ControlRole $role, Response $response, FormKind $kind, bool $refuses, bool $noIsAnAnswer = false,
        ?string $channels = null
    ): ?Control {
        return $role === null ? null : new Control(
            new Selector($this->page->selector($element)), $label, $role, $response,
            ! $noIsAnAnswer && (
                FoundForm::isRequired($element) || preg_match(self::MARKED, $label) === 1 || $this->locksSending($element)
            ),
            $refuses,
            $role === ControlRole::Consent ? $this->purposes($label) : [],
            $role === ControlRole::Consent ? $this->words->channels($channels ?? $label, $kind) : [],
            $this->labels->isSeen($element),
        );
    }

    /** "send.disabled = ! this.checked": without its tick the button stays closed, whatever its attributes say. */
    private function locksSending(DOMElement $box): bool
    {
        return preg_match(self::LOCKS, implode(';', array_map($box->getAttribute(...), ['onchange', 'onclick', 'oninput']))) === 1;
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

    private function speaks(WordClass $class, string $text): bool
    {
        return $this->listener->speaksOf($text, $class);
    }
}
