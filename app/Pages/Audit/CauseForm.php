<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A form on which a cause was found, as it stands among those that are answered together. */
final readonly class CauseForm
{
    /**
     * @param  string  $value  by which it is chosen: the form's key and what was found
     * @param  string  $assigned  who is to mend it, and by when; empty where nobody is
     */
    public function __construct(
        public string $value, public string $form, public string $name, public string $says, public string $people, public string $assigned
    ) {}
}
