<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\PersonalValues;
use App\Actions\Ledger\Append;
use App\Models\SignupJourney;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Consent\Acts\Corrected;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Through;
use Juramen\Log\Disclosure;
use Juramen\Points\Field;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldMessage;
use Juramen\Points\FieldValue;
use Juramen\Points\Typed;

/** Whoever has just confirmed mends the name that was typed: they have the inbox, so it is theirs. */
final class CorrectName
{
    public function __construct(
        private readonly Append $append, private readonly PersonalValues $personal, private readonly PublishedForms $published,
        private readonly SystemClock $clock
    ) {}

    /** @return list<Field> of its form that ask for a name; none where it did not, or nothing may be mended any more */
    public function fields(SignupJourney $journey): array
    {
        $open = $journey->state === JourneyState::Confirmed && $journey->through === Through::Mail;
        $fields = $open ? $this->published->edition($journey->edition->digest)->sheet->draft->fields : [];

        return array_values(array_filter($fields, static fn (Field $f): bool => $f->kind->meaning() === FieldMeaning::Name));
    }

    /** @return list<FieldValue> what is known of them now, by the inputs of their fields */
    public function known(SignupJourney $journey): array
    {
        $values = $this->personal->newestOf($journey->subscriber->subject);
        $draft = $this->published->edition($journey->edition->digest)->sheet->draft;
        $known = static fn (Field $f): string => $values->get($draft->disclosedAs($f))->value ?? '';

        return array_merge([], ...array_map(static fn (Field $f): array => $f->typedAs($known($f), $journey->language), $this->fields($journey)));
    }

    /**
     * @param  list<FieldValue>  $typed  by input
     * @return list<FieldMessage> what is wrong with it; then nothing is changed
     */
    public function __invoke(SignupJourney $journey, array $typed): array
    {
        $read = new Typed($typed, $journey->language, $this->clock->today());
        $faults = array_merge([], ...array_map(static fn (Field $f): array => Faults::ofField($f, $read), $this->fields($journey)));
        if ($faults === []) {
            DB::transaction(fn () => $this->change($journey, $read), 3);
        }

        return $faults;
    }

    private function change(SignupJourney $journey, Typed $typed): void
    {
        $chain = $this->append->hold($journey->subscriber->subject);
        $values = $this->personal->newestOf($journey->subscriber->subject);
        $edition = $this->published->edition($journey->edition->digest);
        $changed = [];
        foreach ($this->fields($journey) as $field) {
            [$name, $answer] = [$edition->sheet->draft->disclosedAs($field), $field->read($typed)];
            if ($answer !== '' && $answer !== $values->get($name)?->value) {
                $changed[] = Disclosure::make($name, $answer);
            }
        }
        if ($changed !== []) {
            $digests = array_map(static fn (Disclosure $d): Digest => $d->digest(), $changed);
            ($this->append)($chain, new Corrected(
                $this->clock->instant(), $edition->sheet->draft->point->text, $edition->digest(), $journey->language, $digests
            ), $changed);
        }
    }
}
