<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Language;

/** A kind of field with a closed set of answers, on which it can hang whether something else is asked. */
interface Governs
{
    /** @return list<Offered> its answers by their ids */
    public function offered(Field $field, Language $language): array;

    /** @return list<string> ids of the answers that were given; none where nobody has answered */
    public function chosen(Field $field, Typed $typed): array;

    /**
     * A state, as pseudo-classes, of whatever lies around the field, that holds while it is answered and with none of these; null where styles
     * cannot tell.
     *
     * @param  list<string>  $answers
     */
    public function otherwise(Field $field, array $answers): ?string;
}
