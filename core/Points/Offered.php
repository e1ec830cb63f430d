<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Language;

/** An answer that is offered, with its words. */
final readonly class Offered
{
    /** @param  Language|null  $language  of its label, where it is not the form's */
    public function __construct(public string $value, public string $label, public ?Language $language = null) {}

    /**
     * @param  list<self>  $offered
     * @param  list<string>  $values
     * @return list<string> words of those values, or the values where they have none
     */
    public static function words(array $offered, array $values): array
    {
        return array_map(static function (string $value) use ($offered): string {
            foreach ($offered as $each) {
                if ($each->value === $value && $each->label !== '') {
                    return $each->label;
                }
            }

            return $value;
        }, $values);
    }
}
