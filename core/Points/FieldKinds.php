<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Points\Fields\AgeField;
use Juramen\Points\Fields\BirthdayField;
use Juramen\Points\Fields\ChoiceField;
use Juramen\Points\Fields\ChoicesField;
use Juramen\Points\Fields\CountryField;
use Juramen\Points\Fields\EmailField;
use Juramen\Points\Fields\FirstNameField;
use Juramen\Points\Fields\LanguageField;
use Juramen\Points\Fields\LastNameField;
use Juramen\Points\Fields\MessageField;
use Juramen\Points\Fields\NameField;
use Juramen\Points\Fields\PhoneField;
use Juramen\Points\Fields\PickField;
use Juramen\Points\Fields\PostalField;
use Juramen\Points\Fields\SourceField;
use Juramen\Points\Fields\TermsField;
use Juramen\Points\Fields\UnknownField;

/** All kinds of fields, in the order in which they are offered. The one place where they are put together. */
final class FieldKinds
{
    /** @return list<FieldKind> */
    public static function all(): array
    {
        return [
            new FirstNameField, new LastNameField, new NameField, new EmailField, new PhoneField, new PostalField, new CountryField, new LanguageField,
            new BirthdayField, new AgeField, new ChoiceField, new PickField, new ChoicesField, new MessageField, new TermsField, new SourceField,
        ];
    }

    /** @return non-empty-list<string> */
    public static function ids(): array
    {
        $ids = array_map(static fn (FieldKind $k): string => $k->id(), self::all());

        return $ids === [] ? ['none'] : $ids;
    }

    /** The kind of that id; of one that is no longer offered, a plain text. */
    public static function get(string $id): FieldKind
    {
        foreach (self::all() as $kind) {
            if ($kind->id() === $id) {
                return $kind;
            }
        }

        return new UnknownField($id);
    }

    /** The kind of which a disclosure's name speaks: "phone", and "phone-2" of the second on a form. */
    public static function disclosedAs(string $name): FieldKind
    {
        return self::get((string) preg_replace('/-\d+$/D', '', $name));
    }
}
