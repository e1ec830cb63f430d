<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\AskedField;
use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormKind;
use Juramen\Register\Channel;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\WordClass;

/** Each field has a reason: said beside it, or plain from what the form is for. */
final class FieldsNeeded extends FormRequirement
{
    /** Forms for which an address is enough. */
    private const FOR_LITTLE = [FormKind::Newsletter, FormKind::Download, FormKind::PrizeDraw, FormKind::Account];

    /** Fields that need a reason; what is not listed is harmless or unknown. */
    private const NOSY = [
        FieldMeaning::Phone, FieldMeaning::Birthday, FieldMeaning::Gender, FieldMeaning::Postal, FieldMeaning::Employer, FieldMeaning::Circumstances,
    ];

    /** How a sentence names what is asked. */
    private const NAMED = [
        'phone' => WordClass::FieldPhone, 'birthday' => WordClass::FieldBirthday, 'gender' => WordClass::FieldGender, 'postal' => WordClass::FieldPostal,
        'employer' => WordClass::FieldEmployer,
    ];

    /** What a sentence speaks of that says of nothing why it is asked. */
    private const NO_REASON = [
        WordClass::Vague, WordClass::Profiles, WordClass::Advertising, WordClass::Agrees, WordClass::Ticks, WordClass::Subscribes, WordClass::Notice,
        WordClass::Terms, WordClass::FieldEmail,
    ];

    public function id(): string
    {
        return 'fields-needed';
    }

    public function title(): string
    {
        return 'Every field has a reason.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 5(1)(c), 25; CJEU C-394/23', SourceKind::Law, 'the decision');
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->kind->asksForConsent() || $reading->fields === []) {
            return $this->notApplicable('This form asks for nothing that would need a reason.');
        }
        $findings = [];
        foreach ($reading->fields as $field) {
            if (in_array($field->meaning, self::NOSY, true) && $field->reason === '' && ! $this->isPlain($field, $reading)
                && ! $this->isExplained($field, $reading)) {
                $findings[] = $this->judgeField($field);
            }
        }

        return $findings === [] ? $this->met('What is asked has a reason, or is plain from what the form is for.') : $findings;
    }

    private function judgeField(AskedField $field): Result
    {
        return $this->finding(
            $field->required ? Verdict::Breach : Verdict::Weakness,
            "\"$field->label\" is ".($field->required ? 'required' : 'asked').', and nothing says why this form needs it.',
            $field->where, Found::all($field->label), 'Take the field away, or say beside it why it is asked.',
            $field->where instanceof Place ? Mend::takeAway('Remove the field', $field->where) : null,
        );
    }

    /** Whether a sentence elsewhere on the form names the field and what it is for: "We ask for your number so that we can tell you". */
    private function isExplained(AskedField $field, Reading $reading): bool
    {
        $named = self::NAMED[$field->meaning->value] ?? null;

        $together = static fn (WordClass $aim, WordClass ...$none): bool => $named !== null && $reading->listener()->speaksTogether(
            $reading->text, [[$named], [$aim]], [...self::NO_REASON, ...array_values($none)]
        );

        // "Enter your number to go on."
        return $together(WordClass::Aim) || $together(WordClass::InOrder, WordClass::Does);
    }

    /** Whether what the form is for makes the field plain without words. */
    private function isPlain(AskedField $field, Reading $reading): bool
    {
        $meaning = $field->meaning;
        // A number without an address is where whatever comes goes to; who asks to be called back gives one.
        $isAlone = $meaning === FieldMeaning::Phone
            && array_filter($reading->fields, static fn (AskedField $f): bool => $f->meaning === FieldMeaning::Email) === [];
        $isWayBack = $meaning === FieldMeaning::Phone && (
            // "Call me about offers" on a box asks for no answer.
            $isAlone || $reading->listener()->speaksOf($reading->textBeside(static fn (): bool => true), WordClass::CallsBack)
        );
        // "You may call me": who ticks that leaves a number, and who does not leaves none.
        $isForConsent = $meaning === FieldMeaning::Phone && ! $field->required && array_filter($reading->asked(), self::reachesByNumber(...)) !== [];
        // What insurance costs, and who may buy wine, hangs on the age; so does whether a parent must agree (GDPR Art. 8).
        $hangsOnAge = $meaning === FieldMeaning::Birthday && (
            ($reading->kind !== FormKind::Newsletter && $reading->listener()->speaksOf($reading->text, WordClass::ByAge))
            || $reading->listener()->hears(str_replace($field->label, '', $reading->text), Meaning::OfferedToChildren, Meaning::ParentAsked)
        );
        if ($isForConsent || $hangsOnAge) {
            return true;
        }

        // A quote is reckoned for somebody's own place, and bins are emptied there.
        $isOfPlace = $meaning === FieldMeaning::Postal && (
            $reading->listener()->speaksOf($field->label, WordClass::FieldPlace)
                || $reading->listener()->speaksOf($reading->text, WordClass::Reminds, WordClass::JobAlerts)
            || ($reading->kind === FormKind::Contact && $reading->listener()->speaksOf($reading->text, WordClass::Estimate, WordClass::Priced))
        );
        if ($isOfPlace) {
            return true;
        }

        // What is bought, asked or applied for may hang on it.
        if ($meaning === FieldMeaning::Circumstances) {
            return ! in_array($reading->kind, self::FOR_LITTLE, true);
        }

        return match ($reading->kind) {
            FormKind::Order => in_array($meaning, [FieldMeaning::Postal, FieldMeaning::Phone, FieldMeaning::Employer], true),
            FormKind::JobApplication => in_array($meaning, [FieldMeaning::Postal, FieldMeaning::Phone, FieldMeaning::Employer], true),
            FormKind::Contact => $isWayBack || (! $field->required && in_array($meaning, [FieldMeaning::Phone, FieldMeaning::Employer], true)),
            FormKind::Account => $meaning === FieldMeaning::Postal,
            // "The winner gets a call."
            FormKind::PrizeDraw => $isWayBack,
            FormKind::Other => true,
            // "Get texts about ...": they go to the number that is given.
            FormKind::Newsletter => $isAlone || ($isWayBack && $reading->listener()->speaksOf($reading->text, WordClass::BySms, WordClass::ByMessaging)),
            default => false,
        };
    }

    private static function reachesByNumber(Control $control): bool
    {
        return array_filter($control->channels, static fn (Channel $c): bool => in_array($c, [Channel::Sms, Channel::Phone, Channel::Messaging], true)) !== [];
    }
}
