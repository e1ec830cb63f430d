<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;

/**
 * An approved state of a record, as canonical bytes that are named by their SHA-256. Formats are read for ever: 1 had no number,
 * 2 says its own.
 */
final readonly class RecordEdition
{
    private const FORMAT = 2;

    private function __construct(public RecordName $name, public int $number, public Document $document, public string $bytes, public Digest $digest) {}

    /** @param  int  $number  from 1, counted within the record */
    public static function make(RecordName $name, int $number, Document $document): self
    {
        $bytes = CanonicalJson::encode([
            'format' => self::FORMAT, 'kind' => $name->kind->value, 'name' => $name->slug->text, 'number' => $number, 'document' => $document->toArray(),
        ]);

        return new self($name, $number, $document, $bytes, Digest::of($bytes));
    }

    /** @throws Refused where the bytes are no edition of a format that we know */
    public static function parse(string $bytes): self
    {
        $data = Document::canonical($bytes);
        [$kind, $number] = [RecordKind::tryFrom($data->text('kind')), $data->number('number')];
        if ($kind === null || $number === null || ! in_array($data->at('format') ?? 1, [1, self::FORMAT], true)) {
            throw Refused::because(DraftRefusal::NotAnEdition);
        }

        return new self(new RecordName($kind, Slug::parse($data->text('name'))), $number, $data->part('document'), $bytes, Digest::of($bytes));
    }
}
