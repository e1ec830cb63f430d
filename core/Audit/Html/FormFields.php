<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** What the fields of a form say of what it is for, whatever its words say. */
final readonly class FormFields
{
    /** Fields that a form for news asks for at most. */
    private const LITTLE = 3;

    /** Inputs that nobody fills in. */
    private const NOT_FILLED_IN = ['hidden', 'submit', 'button', 'reset', 'image'];

    /** A sum of money and nothing else. */
    private const SUM = '~^\W*(?:(?:[£€$]|EUR|GBP|CHF|DKK|SEK|kr\.?)\s?\d[\d.,]*|\d[\d.,]*\s?(?:[£€$]|EUR|GBP|CHF|DKK|SEK|kr\b))\W*$~u';

    /** Whether it asks for an email address. */
    public bool $email;

    /** Whether it asks for a number to call or to write to. */
    public bool $phone;

    /** Lines to write in: names, addresses, numbers, and when somebody was born. */
    public int $lines;

    /** How many of them are dates of birth: no day on which anything takes place. */
    private int $births;

    /** Whether there is room for a message. */
    public bool $message;

    public function __construct(private FoundForm $form, private Labels $labels, private Listener $listener)
    {
        $this->births = count(array_filter($form->inputs('date'), fn (DOMElement $day): bool => str_starts_with($day->getAttribute('autocomplete'), 'bday')
            || $this->listener->speaksOf($this->labels->of($day), WordClass::FieldBirthday)));
        $this->lines = count($form->inputs('text', 'email', 'tel')) + $this->births;
        $this->message = $form->inputs('textarea') !== [];
        $this->phone = $form->inputs('tel') !== [] || array_filter($form->inputs('text'), $this->isForPhone(...)) !== [];
        $this->email = $form->inputs('email') !== [] || array_filter($form->inputs('text'), $this->isForEmail(...)) !== [];
    }

    public function has(string ...$types): bool
    {
        return count($this->form->inputs(...$types)) > (in_array('date', $types, true) ? $this->births : 0);
    }

    /** Whether one line is all there is, an address or a number: but for a box for papers, or for how the page works. */
    public function oneLine(): bool
    {
        return $this->lines === 1 && ($this->filledIn() === 1 || $this->filledIn() - count($this->papers()) === 1);
    }

    /** Whether something is chosen by boxes. */
    public function hasBoxes(): bool
    {
        return count($this->form->inputs('checkbox')) > count($this->papers());
    }

    /** @return list<DOMElement> boxes for the notice and the terms, and those for how the page works or how what comes anyway comes */
    private function papers(): array
    {
        $speaks = fn (DOMElement $box, WordClass ...$of): bool => $this->listener->speaksOf($this->labels->of($box), ...$of);

        return array_values(array_filter($this->form->inputs('checkbox'), static fn (DOMElement $box): bool => $speaks($box, WordClass::Technical)
            ? ! $speaks($box, WordClass::Advertising, WordClass::Subscribes)
            : $speaks($box, WordClass::Notice, WordClass::Terms)
                && ! $speaks($box, WordClass::Advertising, WordClass::Vague, WordClass::Carrier, WordClass::Sends)));
    }

    private function filledIn(): int
    {
        return count($this->form->controls) - count($this->form->inputs(...self::NOT_FILLED_IN));
    }

    /** Whether it asks for an email address, and for nothing else. */
    public function emailAlone(): bool
    {
        return $this->email && $this->oneLine();
    }

    /** Whether every line is for an email address. */
    public function onlyEmails(): bool
    {
        return ! $this->message && $this->lines === count($this->form->inputs('email'));
    }

    /** Whether it has a few lines to write in, and nothing else but what is ticked. */
    public function fewLines(): bool
    {
        return $this->lines <= self::LITTLE && $this->lines + count($this->form->inputs('checkbox')) === $this->filledIn();
    }

    /** Whether it has no more lines than a form for news. */
    public function littleToFillIn(): bool
    {
        return $this->lines <= self::LITTLE;
    }

    public function isSearch(): bool
    {
        return $this->form->inputs('search') !== [] || $this->form->element->getAttribute('role') === 'search';
    }

    /** Whether a password is chosen, and not given. */
    public function newPassword(): bool
    {
        $passwords = $this->form->inputs('password');

        return count($passwords) > 1 || count($this->form->inputs('text', 'email', 'tel', 'date')) > 2 || $this->asksName()
            || array_filter($passwords, static fn (DOMElement $i): bool => $i->getAttribute('autocomplete') === 'new-password') !== [];
    }

    /** Whether somebody's name is asked for beside an address: who signs in is known. */
    private function asksName(): bool
    {
        return $this->email && array_filter($this->form->inputs('text'), fn (DOMElement $line): bool => ! $this->isForEmail($line)
            && $this->listener->speaksOf($this->labels->of($line), WordClass::FieldName)
            && ! $this->listener->speaksOf($this->labels->of($line), WordClass::Login)) !== [];
    }

    /** Whether a box is for the terms, a notice or for news: whoever signs in has agreed to them long since. */
    public function asksToAgree(): bool
    {
        return array_filter($this->form->inputs('checkbox'), fn (DOMElement $box): bool => $this->listener->speaksOf(
            $this->labels->of($box), WordClass::Terms, WordClass::Notice, WordClass::Advertising, WordClass::Vague, WordClass::Carrier, ...WordClass::means()
        )) !== [];
    }

    /** Whether something is paid or given: by card, or a sum that is written or chosen, "£10, £25, another sum". */
    public function payment(): bool
    {
        $asksSum = fn (DOMElement $input): bool => $this->listener->speaksOf($this->labels->of($input), WordClass::FieldAmount);
        $isSum = fn (DOMElement $radio): bool => preg_match(self::SUM, $this->labels->of($radio)) === 1;
        $isCard = static fn (DOMElement $c): bool => str_starts_with($c->getAttribute('autocomplete'), 'cc-');

        return array_filter($this->form->controls, $isCard) !== [] || array_filter($this->form->inputs('text', 'number'), $asksSum) !== []
            || count(array_filter($this->form->inputs('radio'), $isSum)) > 1;
    }

    /** Whether it asks where something is brought to. */
    public function delivery(): bool
    {
        return array_filter(
            $this->form->inputs('text'), fn (DOMElement $line): bool => $this->listener->speaksOf($this->labels->of($line), WordClass::FieldDelivery)
        ) !== [];
    }

    /**
     * Whether it asks for the address or the number of somebody else.
     *
     * @param  bool  $young  whether children are spoken to, whose parent is asked first
     */
    public function friend(bool $young): bool
    {
        return $this->friends($young) !== [];
    }

    /** Whether it asks for the address or the number of whoever fills it in, beside any of somebody else. */
    public function own(): bool
    {
        return count($this->reaching()) > count($this->friends(false));
    }

    /** @return list<DOMElement> */
    private function friends(bool $young): array
    {
        return array_values(array_filter($this->reaching(), fn (DOMElement $line): bool => $this->listener->speaksOfRarely(
            $this->labels->of($line), WordClass::FieldFriend
        ) && ! ($young && $this->listener->speaksOf($this->labels->of($line), WordClass::Parent))));
    }

    /** @return list<DOMElement> lines for an address or a number, by which somebody is reached */
    private function reaching(): array
    {
        $reaches = fn (DOMElement $line): bool => $this->isForEmail($line) || $this->isForPhone($line);

        return [...$this->form->inputs('email', 'tel'), ...array_values(array_filter($this->form->inputs('text'), $reaches))];
    }

    /** "Your application": whether what is written there says what it is for. */
    public function application(): bool
    {
        $isOfJob = fn (DOMElement $t): bool => $this->listener->speaksOf($this->labels->of($t), WordClass::Job);

        return array_filter($this->form->inputs('textarea'), $isOfJob) !== [];
    }

    /** Whether there is nothing to write but about health, for whom that concerns: "illness, allergies or medicine"; a complaint that must be told is asked. */
    public function onlyOfHealth(): bool
    {
        $isOfHealth = fn (DOMElement $t): bool => ! $t->hasAttribute('required') && $this->listener->speaksOf($this->labels->of($t), WordClass::Health);

        return array_filter($this->form->inputs('textarea'), $isOfHealth) === $this->form->inputs('textarea');
    }

    private function isForPhone(DOMElement $line): bool
    {
        return $this->listener->speaksOf($this->labels->of($line), WordClass::FieldPhone);
    }

    private function isForEmail(DOMElement $line): bool
    {
        $called = implode(' ', array_map($line->getAttribute(...), ['name', 'id', 'placeholder', 'aria-placeholder', 'autocomplete']));

        return preg_match('~e-?mail|courriel~i', $called) === 1 || $this->listener->speaksOf($this->labels->of($line), WordClass::FieldEmail);
    }
}
