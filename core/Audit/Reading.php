<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Audit\Mail\SentMail;
use Juramen\Canon\Place;
use Juramen\Points\FormKind;
use Juramen\Register\Audience;
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** What a form says and asks, however it came to us: what every requirement judges. */
final readonly class Reading
{
    /** By which advertising comes of a form without a control that asks for it. */
    private const LEADING = [Meaning::TakenFromAct, Meaning::TakenFromSigningUp, Meaning::Assumed, Meaning::Announced];

    /** @var list<Control> */
    private array $consents;

    /** @var list<Control> */
    private array $asked;

    /**
     * @param  Place|Selector  $where  the form's own place
     * @param  string  $kindReason  why it is taken for a form of that kind
     * @param  Language|null  $language  that its words are in; null where it cannot be told
     * @param  list<Control>  $controls
     * @param  list<AskedField>  $fields
     * @param  string  $text  all visible words of the form
     * @param  SheetFacts|null  $sheet  null for what is not ours
     * @param  PageFacts|null  $page  what only a page of others tells
     * @param  bool  $unfinished  whether words of this language are still missing; what is not written cannot be judged
     * @param  SentMail|null  $mail  that a form of others sends, where it was given
     */
    private function __construct(
        public ReadingOf $of,
        public Place|Selector $where,
        public FormKind $kind,
        public string $kindReason,
        public ?Language $language,
        public array $controls,
        public array $fields,
        public string $text,
        public Surroundings $around,
        public Audience $audience,
        public ?SheetFacts $sheet,
        public bool $unfinished,
        public ?PageFacts $page,
        public ?SentMail $mail = null,
    ) {
        $this->consents = array_values(array_filter($controls, static fn (Control $c): bool => $c->role === ControlRole::Consent));
        $this->asked = array_values(array_filter(
            $this->consents, fn (Control $c): bool => $this->factsOf($c) !== null || ! $this->isForCustomers($c)
        ));
    }

    /**
     * The one way to a reading, whatever was read.
     *
     * @param  list<Control>  $controls
     * @param  list<AskedField>  $fields
     */
    public static function make(
        ReadingOf $of,
        Place|Selector $where,
        FormKind $kind,
        string $kindReason,
        ?Language $language,
        array $controls,
        array $fields,
        string $text,
        Surroundings $around,
        Audience $audience,
        ?SheetFacts $sheet = null,
        bool $unfinished = false,
        ?PageFacts $page = null,
    ): self {
        return new self($of, $where, $kind, $kindReason, $language, $controls, $fields, $text, $around, $audience, $sheet, $unfinished, $page);
    }

    /** The same with the mail that it sends. */
    public function withMail(?SentMail $mail): self
    {
        return new self(
            $this->of, $this->where, $this->kind, $this->kindReason, $this->language, $this->controls, $this->fields, $this->text, $this->around,
            $this->audience, $this->sheet, $this->unfinished, $this->page, $mail
        );
    }

    /**
     * Words that stand alone: read as those of one box, of which nothing else is known. A line that was broken for its length goes on in the
     * next; a short one before a capital is a heading.
     */
    public static function ofWords(string $text, Language $language): self
    {
        $text = (string) preg_replace('~(?<=[^\n]{40})\n(?=\S)|\n(?=\p{Ll})~u', ' ', $text);
        $where = Place::of('text');
        $control = Control::ofWords($where, $text, Listener::in($language)->hears($text, Meaning::AsksForNo));

        return self::make(
            ReadingOf::Words, $where, FormKind::Other, 'it is a text alone', $language, [$control], [], $text, Surroundings::of(false),
            Audience::ofAddress('')
        );
    }

    /** @return list<AskedField|Control|OtherInput|PageButton> in the order of the form, where that is known; else fields before boxes; buttons last */
    public function parts(): array
    {
        // Of links those that are ways past it.
        $buttons = array_values(array_filter(
            $this->page->buttons ?? [], fn (PageButton $b): bool => ! $b->isLink || $this->listener()->hears($b->label, Meaning::AsksForNo, Meaning::Shamed)
        ));
        $order = array_flip(array_map(static fn (Selector $s): string => $s->text(), $this->page->order ?? []));
        $parts = [...$this->fields, ...$this->controls, ...$this->page->others ?? []];
        usort($parts, static fn (AskedField|Control|OtherInput $a, AskedField|Control|OtherInput $b): int => ($order[$a->where->text()] ?? PHP_INT_MAX)
            <=> ($order[$b->where->text()] ?? PHP_INT_MAX));

        return [...$parts, ...$buttons];
    }

    /**
     * @param  list<Result>  $results  of what was judged of it
     * @return list<AskedField|Control|OtherInput|PageButton|FoundWords> its parts, and among them the words that something was found of, where they stand
     */
    public function partsWith(array $results): array
    {
        [$placed, $at] = [[], 0];
        $parts = $this->parts();
        $buttons = array_filter($parts, static fn (object $part): bool => $part instanceof PageButton);
        foreach ([...array_diff_key($parts, $buttons), ...$this->unseenWith($results), ...$buttons] as $part) {
            $at = $part->label === '' ? $at : (mb_strpos($this->text, $part->label, $at) ?: $at);
            $placed[] = [$at, $part];
        }
        $parted = array_fill_keys(array_map(static fn (array $each): string => $each[1]->where->text(), $placed), true);
        $known = [];
        foreach ($results as $result) {
            $words = $result->words->words ?? '';
            if ($result->verdict->isFinding() && $words !== '' && $result->where !== null && ! isset($parted[$result->where->text()])
                && ! isset($known[$words]) && ($from = mb_strpos($this->text, $words)) !== false) {
                $known[$words] = true;
                $placed[] = [$from, new FoundWords($result->where, $words, $from)];
            }
        }
        usort($placed, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $part): AskedField|Control|OtherInput|PageButton|FoundWords => $part[1], $placed);
    }

    /**
     * @param  list<Result>  $results
     * @return list<OtherInput> fields that nobody sees, and that something was found of
     */
    private function unseenWith(array $results): array
    {
        $found = [];
        foreach ($results as $result) {
            $found += $result->verdict->isFinding() && $result->where instanceof Selector ? [$result->where->text() => true] : [];
        }
        $unseen = array_filter($this->page->hidden ?? [], static fn (HiddenInput $i): bool => isset($found[$i->where->text()]));

        return array_values(array_map(
            static fn (HiddenInput $i): OtherInput => new OtherInput($i->where, $i->name, 'a field that nobody sees', false, Response::Yes), $unseen
        ));
    }

    /** Whether its words are not in the language that they should be in, or in none that is read here. */
    public function isUnread(): bool
    {
        if ($this->of === ReadingOf::Page) {
            return $this->around->unread !== '';
        }
        if ($this->language === null || ! in_array($this->of, [ReadingOf::Words, ReadingOf::Statement], true) || trim($this->text) === '') {
            return false;
        }
        $guess = LanguageGuess::of($this->text);

        return ($guess !== null && $guess !== $this->language) || ! LanguageGuess::reads($this->text, $this->language);
    }

    public function isOurs(): bool
    {
        return $this->sheet !== null;
    }

    /** @return list<Control> that ask for consent to something being sent or done */
    public function consents(): array
    {
        return $this->consents;
    }

    /**
     * Whether somebody is written to by the rule for existing customers instead of consent: the registers say so of a statement; else, a no is
     * offered with an order. It is no rule for giving details to others.
     */
    public function isForCustomers(Control $control): bool
    {
        return $this->factsOf($control) !== null ? $this->basisOf($control) === LegalBasis::ExistingCustomer
            : $this->kind === FormKind::Order && $control->refuses && ! $this->isAboutOthers($control);
    }

    /** Whether others have a part in it; advertising "for other courses" is of our own. */
    private function isAboutOthers(Control $control): bool
    {
        $others = $this->listener()->find($control->label, WordClass::Outsider)->words ?? '';

        return $others !== '' && (preg_match('~^(?:d\W)?(?:other|autres|andra|andre|andere[nr]?)$~iu', $others) !== 1
            || $this->listener()->speaksOf($control->label, WordClass::Passes)
            || $this->listener()->hears($control->label, Meaning::PassedOn, Meaning::OthersMentioned));
    }

    /** @return list<Control> that are judged as consent: on a page, what stands on the rule for existing customers is judged by that */
    public function asked(): array
    {
        return $this->asked;
    }

    /** Whether there is anything on this form that consent requirements could judge. */
    public function isAboutConsent(): bool
    {
        return $this->kind->asksForConsent() && ($this->asked !== [] || $this->kind === FormKind::Newsletter);
    }

    /**
     * Whether consent is asked for, or taken from what somebody does for another end, or not asked for at all: whatever comes of it, what must be
     * said before it must be said.
     */
    public function leadsToAdvertising(): bool
    {
        return $this->isAboutConsent() || (
            $this->kind->asksForConsent() && $this->of->isForm()
            && $this->consents === [] && $this->toldToCustomers() === null
            && ($this->listener()->hears($this->besideTicks(), ...self::LEADING) || $this->demanded() !== null || $this->passedToAdvertise() !== null
                || $this->yesWritten() !== null)
        );
    }

    /** A yes to advertising that stands on a form for something else, where no box or choice gives it. */
    public function yesWritten(): ?Sense
    {
        $unnamed = array_filter($this->page->others ?? [], static fn (OtherInput $o): bool => $o->label === '');
        // "Yes please" and "No thanks" as two buttons answer it.
        $no = array_filter($this->page->buttons ?? [], fn (PageButton $b): bool => $this->listener()->speaksOf($b->label, WordClass::Refuses, WordClass::Not));
        $alone = $this->consents === [] && $unnamed === [] && $no === [] && $this->of->isForm()
            && $this->kind->asksForConsent() && $this->kind->servesSomethingElse();

        return $alone ? $this->listener()->first($this->textBeside(static fn (): bool => true), Meaning::YesWritten) : null;
    }

    /**
     * That being written to is said to be the price of what the form is for, beside whatever control asks for it: "take part by subscribing to our
     * letter".
     */
    public function demanded(): ?Sense
    {
        if (! $this->of->isForm() || ! $this->kind->servesSomethingElse()) {
            return null;
        }
        $listener = $this->listener();
        // What a guide or a lot costs is said as a condition, or as an exchange.
        $given = $this->consents === [] && in_array($this->kind, [FormKind::Download, FormKind::PrizeDraw], true);
        $means = $given ? [Meaning::Condition, Meaning::Exchange] : [Meaning::Condition];
        $said = $listener->first($this->besideConsents(), ...$means);
        if ($said === null) {
            return null;
        }
        // "Our tips in return": of what comes in exchange it is enough that it comes again.
        $tells = $said->meaning === Meaning::Exchange ? [WordClass::Advertising, WordClass::Subscribes, WordClass::Carrier, WordClass::Vague]
            : [WordClass::Advertising, WordClass::Subscribes];

        // A voucher is both what advertises and what is wanted; beside a box it is given for a yes, and takes nothing from whoever came for something else.
        $words = $this->consents === [] ? $said->words->words : $listener->without($said->words->words, WordClass::Wanted);

        return $listener->speaksOf($words, ...$tells) && ! $listener->hears($said->words->words, Meaning::ToAnswer) ? $said : null;
    }

    /** That details are given away for advertising, where no control asks for it; what a petition hands over is handed over for what was signed. */
    public function givesAway(): ?Sense
    {
        if (! $this->of->isForm() || ! $this->collects()) {
            return null;
        }
        foreach ($this->consents as $control) {
            // It is asked for, as well or as badly as may be.
            if ($this->listener()->hears($control->label, Meaning::PassedOn, Meaning::OthersMentioned)) {
                return null;
            }
        }
        $passed = $this->listener()->first($this->text, Meaning::PassedOn);
        $given = $passed?->whole === true && ($this->consents === [] ? $this->leadsToAdvertising() : $this->isTaken($passed));

        return $this->passedToAdvertise() ?? ($given ? $passed : null);
    }

    /** "By subscribing you agree that our partners may call you": whatever a box beside it asks, this is asked by none. */
    private function isTaken(Sense $said): bool
    {
        foreach ([Meaning::TakenFromAct, Meaning::TakenFromSigningUp, Meaning::Assumed] as $meaning) {
            $taken = $this->listener()->first($this->text, $meaning)?->words;
            if ($taken !== null && $taken->from <= $said->words->from && $said->words->to <= $taken->to) {
                return true;
            }
        }

        return false;
    }

    /** That details are passed to others who advertise with them, or are sold. */
    private function passedToAdvertise(): ?Sense
    {
        $passed = $this->listener()->first($this->text, Meaning::PassedOn);
        if ($passed === null || ! $passed->whole) {
            return null;
        }
        $line = explode("\n", $this->text)[count(explode("\n", mb_substr($this->text, 0, $passed->words->from))) - 1] ?? '';
        // "We send your friend a voucher" gives nothing away.
        $advertises = $this->listener()->hears($line, Meaning::TheyWrite) || $this->listener()->speaksOf($line, WordClass::Sells)
            || ($this->listener()->speaksOf($line, WordClass::Advertising) && ! $this->listener()->speaksOf($line, WordClass::Friend));

        return $advertises ? $passed : null;
    }

    /** That an order is said to lead to advertising for goods like those ordered, where no control asks for it: the rule for existing customers is used. */
    public function toldToCustomers(): ?Sense
    {
        $said = $this->kind === FormKind::Order && $this->consents === [] && $this->of->isForm()
            ? $this->listener()->first($this->text, Meaning::Announced) : null;

        return $said !== null && $this->listener()->hears($said->words->words, Meaning::SimilarGoods)
            && ! $this->listener()->hears($this->text, Meaning::TakenFromAct, Meaning::TakenFromSigningUp, Meaning::Assumed) ? $said : null;
    }

    /** Whether it collects details of a person: whoever collects them tells what becomes of them (GDPR Art. 13), consent or not. */
    public function collects(): bool
    {
        return $this->fields !== [] && $this->kind->asksForConsent();
    }

    /**
     * What it says but for the words of some of its controls, which are blank there: what is found stands where it stood.
     *
     * @param  callable(Control): bool  $without
     */
    public function textBeside(callable $without): string
    {
        $blanks = [];
        foreach (array_filter($this->controls, $without) as $control) {
            $blanks[$control->label] = str_pad("\n", mb_strlen($control->label));
        }
        unset($blanks['']);

        // The longest first: a label may begin another.
        return strtr($this->text, $blanks);
    }

    /** What it says but for what a tick that is demanded agrees to, or somebody says by one: "I accept the terms" speaks of them alone. */
    public function besideTicks(): string
    {
        return $this->textBeside(fn (Control $c): bool => ($c->role === ControlRole::Consent && $c->required)
            || $this->listener()->speaksOf($c->label, WordClass::I));
    }

    /** What it says but for the words of controls that ask for consent. */
    public function besideConsents(): string
    {
        return $this->textBeside(static fn (Control $c): bool => $c->role === ControlRole::Consent);
    }

    /** What the registers know of the statement behind a control. */
    public function factsOf(?Control $control): ?StatementFacts
    {
        foreach ($this->sheet->statements ?? [] as $statement) {
            if ($control?->where instanceof Place && $statement->where->equals($control->where)) {
                return $statement;
            }
        }

        return null;
    }

    /** What a control's purpose stands on, as the registers say; consent where they say nothing. */
    public function basisOf(Control $control): LegalBasis
    {
        return $this->factsOf($control)->basis ?? LegalBasis::Consent;
    }

    /** Who reads its words: in its language, or in each where that is not known. */
    public function listener(): Listener
    {
        return Listener::in($this->language);
    }
}
