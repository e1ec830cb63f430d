<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody who works here is for. */
enum Role: string
{
    case Officer = 'officer';
    case Editor = 'editor';
    case Auditor = 'auditor';
    case Administrator = 'administrator';

    public function does(): string
    {
        return match ($this) {
            self::Officer => 'decides, approves and publishes; sees evidence',
            self::Editor => 'drafts forms and words; sees no evidence',
            self::Auditor => 'sees everything, changes nothing',
            self::Administrator => 'looks after accounts and mails; sees no evidence',
        };
    }
}
