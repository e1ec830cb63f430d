<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** By what a requirement is judged. */
enum JudgedBy: string
{
    /** By what can be read: a form, a statement, a text. */
    case Reading = 'reading';
    /** By what the registers and records say. */
    case Records = 'records';
    /** By what was done and what is kept of it: ledger, deliveries, requests. */
    case Practice = 'practice';
    /** By a person's word. */
    case Person = 'person';
}
