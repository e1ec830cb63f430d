<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;
use Juramen\Register\ContactList;
use Juramen\Register\Controller;
use Juramen\Register\Destination;
use Juramen\Register\HouseRules;
use Juramen\Register\PointRules;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\RecordKind;
use Juramen\Register\Registered;
use Juramen\Register\Schema\Schema;
use Juramen\Wording\MailWording;
use Juramen\Wording\Statement;

/** Every kind of record with its type and its schema. The one place where they are put together. */
final class Records
{
    /** @param  bool  $whole  whether it is to be approved, and so needs all that a draft may lack */
    public static function schema(RecordKind $kind, bool $whole = false): Schema
    {
        return match ($kind) {
            RecordKind::Sheet => SheetDraft::schema(),
            RecordKind::Statement => Statement::schema(),
            RecordKind::Controller => Controller::schema($whole),
            RecordKind::Purpose => Purpose::schema(),
            RecordKind::Processor => Processor::schema(),
            RecordKind::Rules => HouseRules::schema(),
            RecordKind::Mail => MailWording::schema(),
            RecordKind::ContactList => ContactList::schema(),
            RecordKind::Destination => Destination::schema(),
        };
    }

    /**
     * What a register's document says; a sheet is read with the registers, not among them.
     *
     * @param  Digest|null  $edition  of which it is, where it was approved
     */
    public static function read(RecordKind $kind, Document $document, ?Digest $edition = null): Registered
    {
        return match ($kind) {
            RecordKind::Statement => $edition === null ? Statement::from($document) : Statement::from($document)->madeOf($edition),
            RecordKind::Controller => Controller::from($document),
            RecordKind::Purpose => Purpose::from($document),
            RecordKind::Processor => Processor::from($document),
            RecordKind::Rules => HouseRules::from($document),
            RecordKind::Mail => $edition === null ? MailWording::from($document) : MailWording::from($document)->madeOf($edition),
            RecordKind::ContactList => ContactList::from($document),
            RecordKind::Destination => Destination::from($document),
            RecordKind::Sheet => throw Refused::because(DraftRefusal::NotADocument),
        };
    }

    /**
     * Refuses what may not be written, or, whole, what may not be approved.
     *
     * @throws Refused
     */
    public static function check(RecordKind $kind, Document $document, bool $whole = false): void
    {
        self::schema($kind, $whole)->check($document);
        match ($kind) {
            RecordKind::Sheet => SheetDraft::from($document)->check(),
            RecordKind::Rules => PointRules::from($document)->check(),
            default => null,
        };
    }
}
