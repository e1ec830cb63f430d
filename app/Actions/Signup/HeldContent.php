<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Points\FieldValue;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Register\Channel;

/** What a held submission says, as it is kept encrypted. */
final readonly class HeldContent
{
    /**
     * @param  list<FieldValue>  $values
     * @param  array<string, list<string>|null>  $said  ids of statements to the channels agreed to: none is a no, null is all of them
     * @param  list<string>  $notShown
     * @param  bool  $delivered  whether what was wanted besides reached the team already
     */
    private function __construct(
        public string $email, public array $values, private array $said, public string $placement, public ?string $network, public array $notShown,
        public bool $delivered = false,
    ) {}

    public static function of(Signup $signup): self
    {
        $said = [];
        foreach ($signup->said as $each) {
            $said[$each->id()->text] = array_map(static fn (Channel $c): string => $c->value, $each->channels);
        }

        return new self($signup->email->text, $signup->values, $said, $signup->placement, $signup->network, $signup->notShown);
    }

    /** @param  array<string, mixed>  $data  as toArray() gives it, or as it was before answers had channels: a list of ids */
    public static function from(array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : '';
        $texts = static fn (mixed $list): array => array_values(array_filter(is_array($list) ? $list : [], is_string(...)));
        $values = [];
        foreach (is_array($data['values'] ?? null) ? $data['values'] : [] as $name => $value) {
            $values[] = new FieldValue((string) $name, is_string($value) ? $value : '');
        }
        $said = [];
        foreach (is_array($data['statements'] ?? null) ? $data['statements'] : [] as $id => $channels) {
            if (is_string($channels)) {
                $said[$channels] = null;
            } else {
                $said[(string) $id] = $texts($channels);
            }
        }

        return new self(
            $text('email'), $values, $said, $text('placement') ?: 'page', $text('network') === '' ? null : $text('network'), $texts($data['not-shown'] ?? null),
            ($data['delivered'] ?? null) === true,
        );
    }

    /** @return list<Said> as far as the edition still has the statements */
    public function said(PointEdition $edition): array
    {
        $said = [];
        foreach ($edition->sheet->statements as $statement) {
            if (array_key_exists($statement->id->text, $this->said)) {
                $channels = $this->said[$statement->id->text];
                $said[] = $channels === null ? Said::yes($statement) : Said::kept(
                    $statement, array_values(array_filter($statement->channels, static fn (Channel $c): bool => in_array($c->value, $channels, true)))
                );
            }
        }

        return $said;
    }

    /** @return list<string> ids of the statements that were agreed to */
    public function agreed(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->said, static fn (?array $channels): bool => $channels !== [])));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $values = [];
        foreach ($this->values as $value) {
            $values[$value->name] = $value->value;
        }

        return [
            'email' => $this->email, 'values' => $values, 'statements' => $this->said, 'placement' => $this->placement, 'network' => $this->network,
            'not-shown' => $this->notShown,
        ];
    }
}
