<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** What an entry of the ledger records. */
enum EntryKind: string
{
    case Given = 'given';
    /** A no was chosen on a form. */
    case Refused = 'refused';
    case ConfirmationSent = 'confirmation-sent';
    case Confirmed = 'confirmed';
    case Lapsed = 'lapsed';
    /** Somebody else had entered the address. */
    case NotTheirs = 'not-theirs';
    /** The address was mended before it was confirmed. */
    case AddressCorrected = 'address-corrected';
    /** The mail was refused for its address, or came back. */
    case Undeliverable = 'undeliverable';
    case Withdrawn = 'withdrawn';
    /** What was agreed to on a form at fault is not used any more. */
    case Suspended = 'suspended';
    case Restored = 'restored';
    /** Somebody known had their details changed. */
    case Corrected = 'corrected';
    /** Personal values of earlier entries were deleted. */
    case Erased = 'erased';
    case Published = 'published';
    case Paused = 'paused';
    case Resumed = 'resumed';
    case Excepted = 'excepted';
    case Approved = 'approved';
    case Retired = 'retired';
    case DrawBegun = 'draw-begun';
    case DrawClosed = 'draw-closed';
    case Drawn = 'drawn';
    case SuspensionOrdered = 'suspension-ordered';
    case Audited = 'audited';
    case Attested = 'attested';
    case Assigned = 'assigned';
    case KeyRotated = 'key-rotated';

    /** @return class-string<Act> */
    public function act(): string
    {
        return match ($this) {
            self::Given => Acts\Given::class,
            self::Refused => Acts\Declined::class,
            self::ConfirmationSent => Acts\ConfirmationSent::class,
            self::Confirmed => Acts\Confirmed::class,
            self::Lapsed => Acts\Lapsed::class,
            self::NotTheirs => Acts\NotTheirs::class,
            self::AddressCorrected => Acts\AddressCorrected::class,
            self::Undeliverable => Acts\Undeliverable::class,
            self::Withdrawn => Acts\Withdrawn::class,
            self::Suspended => Acts\Suspended::class,
            self::Restored => Acts\Restored::class,
            self::SuspensionOrdered => Acts\SuspensionOrdered::class,
            self::Corrected => Acts\Corrected::class,
            self::Erased => Acts\Erased::class,
            self::Published => Acts\Published::class,
            self::Paused => Acts\Paused::class,
            self::Resumed => Acts\Resumed::class,
            self::Excepted => Acts\Excepted::class,
            self::Approved => Acts\Approved::class,
            self::Retired => Acts\Retired::class,
            self::DrawBegun => Acts\DrawBegun::class,
            self::DrawClosed => Acts\DrawClosed::class,
            self::Drawn => Acts\Drawn::class,
            self::Audited => Acts\Audited::class,
            self::Attested => Acts\Attested::class,
            self::Assigned => Acts\Assigned::class,
            self::KeyRotated => Acts\KeyRotated::class,
        };
    }

    /** Whether it concerns a person's consent; the others are acts of officers. */
    public function isPersons(): bool
    {
        return ! in_array($this, [
            self::Published, self::Paused, self::Resumed, self::Excepted, self::Approved, self::Retired, self::DrawBegun, self::DrawClosed, self::Drawn,
            self::SuspensionOrdered, self::Audited, self::Attested, self::Assigned, self::KeyRotated,
        ], true);
    }
}
