<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What a field asks for. */
enum FieldMeaning: string
{
    case Email = 'email';
    case Name = 'name';
    case Phone = 'phone';
    case Birthday = 'birthday';
    case Gender = 'gender';
    case Postal = 'postal';
    case Employer = 'employer';
    /** What somebody earns, whom they live with, the numbers of their papers. */
    case Circumstances = 'circumstances';
    case Message = 'message';
    case Country = 'country';
    case Terms = 'terms';
    case Source = 'source';
    case Other = 'other';

    /** Whether it asks for something about the person. */
    public function isPersonal(): bool
    {
        return ! in_array($this, [self::Terms, self::Source], true);
    }
}
