<?php

declare(strict_types=1);

namespace App\Models;

/** What an act is about, and so what its name stands for. */
enum ActSubject
{
    case Nothing;
    /** A number of an account. */
    case Colleague;
    /** Kind and slug, such as "statement voyage-news". */
    case Record;
    /** A point's slug. */
    case Point;
    /** A subject's random id. */
    case Person;
    /** The beginning of a Message-ID. */
    case Mail;
    /** What was read, in a word. */
    case File;
    /** A form's slug. */
    case ForeignForm;
    /** An audit's number. */
    case Audit;
    /** Kind and id of a form, such as "point footer-newsletter". */
    case AuditedForm;
}
