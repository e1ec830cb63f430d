<?php

declare(strict_types=1);

namespace Juramen\Register;

/** What is known of one way in which receivers tell true mails from others. */
final readonly class SenderFinding
{
    public function __construct(public string $name, public bool $met, public string $says) {}
}
