<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Channel;
use Juramen\Register\Language;

/**
 * A kind of field that forms are made of: how it is shown, how an answer is read and refused, what is disclosed of it, and what somebody
 * who judges the form sees in it. Each is a class of its own, registered in FieldKinds.
 */
interface FieldKind
{
    /** Fixed: in documents, on forms, in disclosures. */
    public function id(): string;

    /** What it asks for, as requirements see it. */
    public function meaning(): FieldMeaning;

    /** Whether what is given here is the address of that channel. */
    public function reaches(Channel $channel): bool;

    /** Writes the control of a field, with its slots; its label and errors stand before it. */
    public function control(SlottedText $page, Field $field, Language $language): void;

    /**
     * What was meant by what somebody typed, as it is kept; empty where nothing was.
     *
     * @throws AnswerRefused
     */
    public function read(string $typed): string;
}
