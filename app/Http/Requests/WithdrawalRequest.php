<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\ProofFile;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Juramen\Canon\Day;
use Juramen\Canon\Instant;
use Juramen\Canon\Refused;
use Juramen\Consent\How;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;

/** A withdrawal as it was told to somebody of the house. */
final class WithdrawalRequest extends FormRequest
{
    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            try {
                $this->email();
            } catch (InvalidEmailAddress $e) {
                $validator->errors()->add('email', (string) __('visitor.email.'.$e->fault->value, [], 'en'));
            }
            if (! in_array(How::tryFrom($this->text('how')), How::told(), true)) {
                $validator->errors()->add('how', 'Say how it reached you.');
            }
            $day = $this->day();
            if ($day === null) {
                $validator->errors()->add('day', 'Give the day on which it reached the house, such as '.Moments::plain($this->clock()->today()->text).'.');
            } elseif ($day->isAfter($this->clock()->today())) {
                $validator->errors()->add('day', 'That day is still to come. Give the day on which it reached the house.');
            }
            try {
                $this->told();
            } catch (Refused $e) {
                $validator->errors()->add('file', $e->getMessage());
            }
            if ($this->text('purpose') !== '' && $this->purpose() === null) {
                $validator->errors()->add('purpose', 'There is no such purpose.');
            }
        });
    }

    /** @throws InvalidEmailAddress */
    public function email(): EmailAddress
    {
        return EmailAddress::parse($this->text('email'));
    }

    /** Null for everything. */
    public function purpose(): ?string
    {
        $given = $this->text('purpose');

        return app(RegistersInForce::class)->registers()->purposes->get($given) === null ? null : $given;
    }

    /**
     * The letter or message itself, where it is given.
     *
     * @throws Refused
     */
    public function told(): ?ProofFile
    {
        return ProofFile::uploaded($this->file('file'));
    }

    public function how(): How
    {
        return How::from($this->text('how'));
    }

    /** The last moment at which it can have come: the end of its day, or now. */
    public function at(): Instant
    {
        $end = ($this->day() ?? $this->clock()->today())->plus(1)->begins(Moments::zone())->plusSeconds(-1);

        return Instant::earlier($end, $this->clock()->instant());
    }

    private function day(): ?Day
    {
        return Day::tryParse($this->text('day'));
    }

    private function text(string $name): string
    {
        return is_string($given = $this->input($name)) ? trim($given) : '';
    }

    private function clock(): SystemClock
    {
        return app(SystemClock::class);
    }
}
