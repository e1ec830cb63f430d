<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Texts;

/** One thing a form asks for. */
final readonly class Field
{
    /** @param  string  $reason why it is asked, for the officer; empty where nobody has said */
    public function __construct(public FieldKind $kind, public Texts $label, public bool $required, public string $reason = '') {}

    /** The name under which a browser sends it, and under which its value is disclosed. */
    public function name(): string
    {
        return $this->kind->value;
    }

    /** @param  mixed  $data a member of the sheet's "fields" */
    public static function from(mixed $data, int $place): self
    {
        $kind = is_array($data) ? FieldKind::tryFrom(is_string($data['kind'] ?? null) ? $data['kind'] : '') : null;
        if (! is_array($data) || $kind === null) {
            throw new InvalidSheet("Field $place is of no kind we know; the kinds are ".implode(', ', array_column(FieldKind::cases(), 'value')).'.');
        }
        if (! is_bool($data['required'] ?? null)) {
            throw new InvalidSheet("Field $place does not say whether it is required (yes or no).");
        }

        $reason = $data['reason'] ?? '';
        if (! is_string($reason) || mb_strlen($reason) > 300) {
            throw new InvalidSheet("The reason of field $place is a text of at most 300 characters.");
        }

        return new self($kind, Texts::draft($data['label'] ?? null, "field $place", 200), $data['required'], trim($reason));
    }
}
