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
    case Message = 'message';
    case Country = 'country';
    case Other = 'other';
}
