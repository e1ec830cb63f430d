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

    /** A mark behind a label that says that it is needed. */
    private const MARKED = '~\*\s*$|\((?:required|pflichtfeld|erforderlich|obligatoire|obligatoriskt?|påkrævet)\)\s*$~iu';

    private const SUBJECT_WORDS = 5;

    /** Bytes of what explains a label of few words. */
    private const LONGEST_HELP = 300;

    /** Words of an answer that says nothing but yes or no. */
    private const OF_ANSWERS = [
        WordClass::Yes, WordClass::Agrees, WordClass::Refuses, WordClass::Not, WordClass::I, WordClass::You, WordClass::Little, WordClass::Confirms,
        WordClass::Wants, WordClass::That, WordClass::AsBefore, WordClass::Joins,
    ];

    /** Bytes of a label that names nothing but channels. */
    private const LONGEST_LIST = 80;

    /** Characters of a label that are given as what for. */
    private const PURPOSE = 80;

    public function __construct(
        private Page $page, private Labels $labels, private Choices $choices, private Questions $questions, private Listener $listener
    ) {}

    /** @return list<Control> */
    public function read(FoundForm $form, FormKind $kind): array
    {
        $controls = [];
        $groups = [];
        // The label of the box before and what it answers, where it names a channel or a subject.
        $before = null;
        foreach ($form->controls as $element) {
            $role = $element->getAttribute('role');
            $type = strtolower($element->getAttribute('type'));
            if ($this->page->isHidden($element) && ! FoundForm::isOn($element)) {
                continue;
            }
            if ($type === 'checkbox' || in_array($role, ['checkbox', 'switch'], true) || ($element->nodeName === 'button' && $role !== 'radio')) {
                $label = $this->explained($element, $this->labels->of($element));
                $question = $this->askedOver($element, $label, $kind, $before);
                $before = $question === null ? null : [$label, $question];
                $controls[] = $this->box($element, $label, $question, $kind);
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

    /** "Newsletter", and under it what comes and how it ends: a label of few words with what explains it. */
    private function explained(DOMElement $element, string $label): string
    {
        $channel = $this->isChannel($label) && ! $this->speaks(WordClass::Advertising, $label);
        if ($channel || ! $this->namesSubject($label) || $this->listener->hears($label, Meaning::PurposeNamed)) {
            return $label;
        }
        $help = trim(str_replace($label, '', $this->labels->helpFor($element)));
        $explains = strlen($help) <= self::LONGEST_HELP && $this->listener->hears($help, Meaning::Sends, Meaning::RateGiven, Meaning::CanEnd);

        return $explains ? Page::tidy("$label\n$help") : $label;
    }

    /**
     * What a box answers that names only a channel, or a subject below words by which something is to come: one of several answers to what stands
     * over the first of them.
     *
     * @param  array{string, string}|null  $before  the label of the box before and what it answers, if it is such a one
     * @return string|null null where its label says by itself what it is
     */
    private function askedOver(DOMElement $element, string $label, FormKind $kind, ?array $before): ?string
    {
        if ($this->isBareAnswer($label)) {
            $question = $this->choices->question([$element]);

            $asks = $this->choices->leadsOn($element, $question) || $this->questions->askForMore($question);

            return $asks && $this->role($question, $kind) === ControlRole::Consent ? $question : null;
        }
        $says = $this->role($label, $kind) !== null;
        $channel = $this->namesChannelsAlone($label) || (! $says && $this->isChannel($label));
        if (! $channel && ($says || ! $this->namesSubject($label))) {
            return null;
        }
        $question = $this->choices->question([$element]);
        if ($before !== null && in_array($question, ['', $before[0]], true)) {
            return $before[1];
        }

        return $channel || ($this->choices->leadsOn($element, $question) && $this->role($question, $kind) === ControlRole::Consent) ? $question : null;
    }

    /** "I agree", "yes, please", "no thanks": to what stands over it, and nothing by itself. */
    private function isBareAnswer(string $label): bool
    {
        return strlen($label) <= self::LONGEST_LIST && $this->listener->speaksOf($label, WordClass::Yes, WordClass::Agrees, WordClass::Refuses)
            && preg_match('~\p{L}~u', $this->listener->without($label, ...self::OF_ANSWERS)) !== 1;
    }

    /** "Recipes", "New boats and sails": few words, and none of them of a person. */
    private function namesSubject(string $label): bool
    {
        return $label !== '' && count(preg_split('~\s+~u', $label) ?: []) <= self::SUBJECT_WORDS
            && ! $this->listener->speaksOf($label, WordClass::I, WordClass::You, WordClass::Self, WordClass::Agrees, WordClass::Must, WordClass::Age);
    }

    /** @param  string|null  $question  where it is one of several answers to it */
    private function box(DOMElement $element, string $own, ?string $question, FormKind $kind): ?Control
    {
        $isChannel = $question !== null && $this->isChannel($own);
        $label = match (true) {
            $question === null => $own,
            $isChannel, $this->isBareAnswer($own) => Page::tidy($question."\n".$own),
            default => Page::tidy(rtrim($question, ' :').': '.$own),
        };
        // "Untick this if you do not want that": the tick is a yes, however it came there.
        $unticks = $this->speaks(WordClass::Unticks, $this->listener->without($label, WordClass::Refuses));
        $refuses = $this->listener->hears($label, Meaning::AsksForNo) && ! $unticks;
        $on = FoundForm::isOn($element);

        $role = match (true) {
            $this->namesSubject($own) && $this->questions->askElse($this->choices->question([$element]), $own) => null,
            $isChannel => $this->below((string) $question, $label, $kind),
            default => $this->role($label, $kind),
        };

        return $this->control($element, $label, $role, match (true) {
            ! $on => Response::Unset,
            $refuses => Response::No,
            default => Response::Yes,
        }, $kind, $refuses, channels: $isChannel ? $own : null);
    }

    /**
     * What a channel is for that stands below a question: advertising as far as it asks for that, and whatever "may we show you new candles?" asks
     * for; "how may we reach you?" asks for nothing where an answer is awaited.
     */
    private function below(string $question, string $label, FormKind $kind): ?ControlRole
    {
        return $this->questions->askHow($question, $kind) ? ControlRole::Technical
            : $this->role($label, $kind) ?? ($this->questions->askLeave($question) ? ControlRole::Consent : null);
    }

    /** Whether words name a channel or several, and hardly anything else: "Email", "By post". */
    private function isChannel(string $label): bool
    {
        $words = preg_split('~\s+~u', trim($label), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $names = array_filter(self::CHANNELS, fn (WordClass $class): bool => $this->speaks($class, $label)) !== [];

        return $names && (count($words) <= self::CHANNEL_WORDS || $this->namesChannelsAlone($label));
    }

    /** "By email, by post and by phone", "Yes, by post": nothing but channels, though more than one. */
    private function namesChannelsAlone(string $label): bool
    {
        if (strlen($label) > self::LONGEST_LIST || ! $this->listener->speaksOf($label, ...array_values(self::CHANNELS))) {
            return false;
        }
        $left = $this->listener->without($label, WordClass::Joins, WordClass::Little, WordClass::Yes, ...array_values(self::CHANNELS));

        return preg_match('~\p{L}~u', $left) !== 1;
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
                $yes = $this->meansYes($options[$i], $radio->getAttribute('value')) || $this->answersHow($question, $options[$i]);
                $response = $yes ? Response::Yes : Response::No;
            }
        }

        // "When may we call? Mornings": neither a yes nor a no.
        $tells = array_filter($options, $this->isAnswer(...)) === [];
        $role = $tells && $this->questions->askHow($question, $kind) ? ControlRole::Technical : $this->answering($question, $options, $kind);
        // "Post: yes, no" in a table below what comes.
        $role ??= ! $tells && $this->isChannel($question) ? ControlRole::Consent : null;

        return $this->control($where, Page::tidy($question."\n".implode(' / ', $options)), $role, $response, $kind, false, noIsAnAnswer: true);
    }

    /** "How may we send you offers? By email": the channel is a yes. */
    private function answersHow(string $question, string $answer): bool
    {
        return $this->isChannel($answer) && $this->listener->hears($question, Meaning::Sends);
    }

    private function choice(DOMElement $select, FormKind $kind): ?Control
    {
        $label = $this->labels->of($select);
        $options = $this->page->named(['option'], $select);
        $words = implode(' / ', array_map(static fn (DOMElement $o): string => Page::tidy($o->textContent), $options));
        $chosen = array_values(array_filter($options, static fn (DOMElement $o): bool => $o->hasAttribute('selected')))[0]
            ?? ($select->hasAttribute('multiple') ? null : $options[0] ?? null);
        $asks = $this->listener->hears($label, Meaning::Sends);
        $yesNo = array_filter($options, function (DOMElement $o) use ($asks): bool {
            [$text, $value] = [Page::tidy($o->textContent), $o->getAttribute('value')];

            return (($asks || $this->isAnswer($text)) && $this->meansYes($text, $value)) || $this->meansNo($text, $value);
        }) !== [];
        if (! $yesNo && ! ($select->hasAttribute('multiple') && $this->role($label, $kind) === ControlRole::Consent)) {
            return null;
        }
        $text = $chosen === null ? '' : Page::tidy($chosen->textContent);
        $value = $chosen?->getAttribute('value') ?? '';

        $answers = array_map(static fn (DOMElement $o): string => Page::tidy($o->textContent), $options);

        return $this->control($select, Page::tidy($label."\n".$words), $this->answering($label, $answers, $kind), match (true) {
            $chosen === null, $chosen->hasAttribute('value') && $value === '' => Response::Unset,
            // One of several subjects.
            ! $yesNo => Response::Yes,
            $this->meansYes($text, $value) || $this->answersHow($label, $text) => Response::Yes,
            $this->meansNo($text, $value) => Response::No,
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
                $element->hasAttribute('required') || $element->getAttribute('aria-required') === 'true' || preg_match(self::MARKED, $label) === 1
            ),
            $refuses,
            $role === ControlRole::Consent ? $this->purposes($label) : [],
            $role === ControlRole::Consent ? $this->channels($channels ?? $label, $kind) : [],
        );
    }

    /**
     * What answers to a question are for. The question of a form for news has to be about them: "Do you smoke?" is not; and where it is about
     * something else, only what the person says counts: "Sales" and "Newsletter" are what a message may be about.
     *
     * @param  list<string>  $answers
     */
    private function answering(string $question, array $answers, FormKind $kind): ?ControlRole
    {
        if ($question === '') {
            return $this->role(Page::tidy(implode("\n", $answers)), $kind);
        }
        $own = $this->listener->hears($question, Meaning::Sends) ? $answers : array_filter($answers, $this->isAnswer(...));

        return $this->role(Page::tidy($question."\n".implode("\n", $own)), FormKind::Other);
    }

    /** "Yes, please", "send me news", "not now": what a person says of themselves. */
    private function isAnswer(string $text): bool
    {
        return $this->listener->speaksOf($text, WordClass::Yes, WordClass::I, WordClass::Not, WordClass::Refuses);
    }

    private function role(string $label, FormKind $kind): ?ControlRole
    {
        $left = $this->listener->without($label, WordClass::Technical);
        $plain = $this->listener->without($left, WordClass::Terms, WordClass::Notice);

        return match (true) {
            $this->isService($label) => ControlRole::Technical,
            $this->listener->hears($plain, Meaning::Sends, Meaning::PassedOn) => ControlRole::Consent,
            $this->isToUse($plain) => ControlRole::Consent,
            // "Tick to opt out of our monthly email": a no to being written to is about being written to.
            $this->listener->hears($plain, Meaning::AsksForNo)
                && $this->listener->speaksOf($plain, WordClass::Outsider, ...self::SENT) => ControlRole::Consent,
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

    /** To being watched or shown one agrees, too, and to what may become of details "to improve our services". */
    private function isToUse(string $label): bool
    {
        $vague = $this->speaks(WordClass::Uses, $label) && $this->speaks(WordClass::Details, $label) && $this->speaks(WordClass::Vague, $label)
            && ! $this->listener->hears($label, Meaning::ToAnswer);

        return ($vague || $this->listener->hears($label, Meaning::Profiled, Meaning::Measured, Meaning::Pictured))
            && ($this->listener->speaksOf($label, WordClass::Agrees, WordClass::May, WordClass::Yes) || ! $this->speaks(WordClass::Self, $label));
    }

    /** "Text me when my parcel is on its way": what belongs to the order itself, and nothing that advertises; a carrier that is told is no other. */
    private function isService(string $label): bool
    {
        $others = $this->speaks(WordClass::Processor, $label) ? [] : [WordClass::Outsider];

        // What comes by post is no post to read.
        $left = $this->listener->without($label, WordClass::Service, WordClass::ByPost);

        return $this->speaks(WordClass::Service, $label) && ! $this->listener->speaksOf($left, WordClass::Advertising, WordClass::Vague, ...$others);
    }

    private function meansYes(string $text, string $value): bool
    {
        return ! $this->meansNo($text, $value) && (
            Response::isYes($value) || $this->speaks(WordClass::Yes, $text)
            || $this->listener->hears($text, Meaning::Sends)
        );
    }

    private function meansNo(string $text, string $value): bool
    {
        return preg_match('~^(?:no|nein|non|n|0|false|off|opt-?out)$~i', $value) === 1 || preg_match('~^(?:no|nein|non)(?!\p{L})~iu', $text) === 1
            || $this->listener->hears($text, Meaning::AsksForNo)
            // "Not at all", "never".
            || (substr_count($text, ' ') < self::CHANNEL_WORDS && $this->listener->speaksOf($text, WordClass::Not, WordClass::Refuses));
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
