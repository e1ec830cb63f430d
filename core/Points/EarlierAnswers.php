<?php

declare(strict_types=1);

namespace Juramen\Points;

use InvalidArgumentException;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Id;
use Juramen\Canon\MacRing;

/**
 * What was answered on a form's other pages, as it travels with the page that is shown: signed, and bound to the visit mark, so that
 * nothing of it can be written by anybody else. Nothing is stored before the form is sent.
 */
final readonly class EarlierAnswers
{
    private const PURPOSE = 'earlier';

    /**
     * @param  Id  $visit  nonce of the visit mark
     * @param  list<FieldValue>  $values
     */
    public function __construct(public Id $visit, public array $values) {}

    public function seal(MacRing $keys): string
    {
        $values = array_map(static fn (FieldValue $v): array => [$v->name, $v->value], $this->values);

        return $keys->seal(self::PURPOSE, CanonicalJson::encode([$this->visit->hex(), $values]));
    }

    /** None where the text is not ours, or of another visit. */
    public static function open(string $text, Id $visit, MacRing $keys): self
    {
        $payload = $keys->open(self::PURPOSE, $text);
        try {
            [$of, $values] = [...array_values($payload === null ? [] : CanonicalJson::decode($payload)), null, null];
        } catch (InvalidArgumentException) {
            [$of, $values] = [null, null];
        }
        $read = [];
        foreach ($of === $visit->hex() && is_array($values) ? $values : [] as $value) {
            if (is_array($value) && is_string($value[0] ?? null) && is_string($value[1] ?? null)) {
                $read[] = new FieldValue($value[0], $value[1]);
            }
        }

        return new self($visit, $read);
    }
}
