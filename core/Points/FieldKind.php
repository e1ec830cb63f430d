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

    /** Whether answers are chosen from those that the sheet offers. */
    public function offersOptions(): bool;

    /**
     * Names of the inputs in which a browser sends it.
     *
     * @return non-empty-list<string>
     */
    public function inputs(Field $field): array;

    public function labelling(): Labelling;

    /** Writes the control of a field, with its slots; its label, where it stands above, its help and errors come before it. */
    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void;

    /**
     * What was meant by what somebody typed, as it is kept; empty where nothing was.
     *
     * @throws AnswerRefused
     */
    public function read(Field $field, Typed $typed): string;

    /**
     * A kept answer as it would be typed, to be shown in the form again.
     *
     * @return list<FieldValue>
     */
    public function typedAs(Field $field, string $kept, Language $language): array;
}
