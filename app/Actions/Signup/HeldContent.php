<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Points\FieldValue;
use Juramen\Wording\Statement;

/** What a held submission says, as it is kept encrypted. */
final readonly class HeldContent
{
    /**
     * @param  list<FieldValue>  $values
     * @param  list<string>  $agreed  ids of statements
     */
    private function __construct(public string $email, public array $values, public array $agreed, public string $placement, public ?string $network) {}

    public static function of(Signup $signup): self
    {
        return new self(
            $signup->email->text, $signup->values, array_map(static fn (Statement $s): string => $s->id->text, $signup->agreed), $signup->placement,
            $signup->network
        );
    }

    /** @param  array<string, mixed>  $data  as toArray() gives it */
    public static function from(array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : '';
        $values = [];
        foreach (is_array($data['values'] ?? null) ? $data['values'] : [] as $name => $value) {
            $values[] = new FieldValue((string) $name, is_string($value) ? $value : '');
        }

        return new self(
            $text('email'), $values, array_values(array_filter(is_array($data['statements'] ?? null) ? $data['statements'] : [], is_string(...))),
            $text('placement') ?: 'page',
            $text('network') === '' ? null : $text('network'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $values = [];
        foreach ($this->values as $value) {
            $values[$value->name] = $value->value;
        }

        return ['email' => $this->email, 'values' => $values, 'statements' => $this->agreed, 'placement' => $this->placement, 'network' => $this->network];
    }
}
