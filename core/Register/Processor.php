<?php

declare(strict_types=1);

namespace Juramen\Register;

use DateTimeImmutable;

/** An outside party that gets contact details: for us under a contract (GDPR Art. 28), or for its own use (Art. 4(9), 13(1)(e)). */
final readonly class Processor
{
    /**
     * @param  string  $id  a short name in lower case
     * @param  string  $name  as people are told it
     * @param  bool  $own  whether it uses the details for itself (a recipient); else it works for us
     * @param  list<string>  $purposes  ids of the purposes for which it gets details
     * @param  string  $contract  which contract, with its date; empty where there is none on record
     * @param  string  $country  ISO 3166-1 code of where it keeps the details; may be empty
     * @param  string  $transfer  the ground of a transfer outside the EEA (GDPR Art. 44 to 49); may be empty inside
     * @param  string  $until  last day of the contract like 2027-12-31; empty where it has none
     *
     * @throws InvalidRegister
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $controller,
        public bool $own,
        public array $purposes,
        public string $does,
        public string $contract,
        public string $country,
        public string $transfer,
        public string $until,
    ) {
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $id) !== 1) {
            throw new InvalidRegister("\"$id\" cannot be a processor's short name: use lower-case letters, digits and hyphens.");
        }
        if (trim($name) === '' || mb_strlen($name) > 100) {
            throw new InvalidRegister('A processor has a name of at most 100 characters.');
        }
        if ($country !== '' && preg_match('/^[A-Z]{2}$/D', $country) !== 1) {
            throw new InvalidRegister("\"$country\" is not a country's two-letter code.");
        }
        if ($until !== '' && (DateTimeImmutable::createFromFormat('!Y-m-d', $until) ?: null)?->format('Y-m-d') !== $until) {
            throw new InvalidRegister("\"$until\" is not a date like 2027-12-31.");
        }
    }

    /**
     * Refuses what may not be written here.
     *
     * @throws InvalidRegister
     */
    public function check(bool $whole = false): void
    {
        Line::check('The name', $this->name, 100);
        Line::check('What it does', $this->does, 300);
        Line::check('The contract', $this->contract, 300);
        Line::check('The ground of the transfer', $this->transfer, 300);
    }

    /** @param  array<string, mixed>  $data as toArray() gives it */
    public static function from(array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? '') ? $data[$key] ?? '' : throw new InvalidRegister("A processor's $key is no text.");

        return new self(
            $text('id'), $text('name'), $text('controller'), ($data['own'] ?? false) === true,
            array_values(array_filter(is_array($data['purposes'] ?? null) ? $data['purposes'] : [], is_string(...))),
            $text('does'), $text('contract'), $text('country'), $text('transfer'), $text('until'),
        );
    }

    /** @return list<string> what the record lacks, each in a sentence. Source: GDPR Art. 28(3), 44 to 49 */
    public function lacks(string $today): array
    {
        return array_values(array_filter([
            trim($this->contract) === '' ? ($this->own ? 'No agreement with it is on record.' : 'No contract with it is on record.') : null,
            $this->country === '' ? 'Nobody has said where it keeps the details.' : null,
            $this->country !== '' && ! Regime::isInEea($this->country) && $this->country !== 'GB' && trim($this->transfer) === '' ? 'It keeps them outside the EEA, and no ground of the transfer is on record.' : null,
            $this->until !== '' && $this->until < $today ? "Its contract ended on {$this->until}." : null,
        ]));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'controller' => $this->controller, 'own' => $this->own, 'purposes' => $this->purposes,
            'does' => $this->does, 'contract' => $this->contract, 'country' => $this->country, 'transfer' => $this->transfer, 'until' => $this->until,
        ];
    }
}
