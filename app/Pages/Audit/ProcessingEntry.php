<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** What a purpose adds to a controller's record of processing (GDPR Art. 30(1)). */
final readonly class ProcessingEntry
{
    public function __construct(
        public string $controller, public string $contact, public string $purpose, public string $basis, public string $people, public string $data,
        public string $recipients, public string $transfers, public string $deletion
    ) {}
}
