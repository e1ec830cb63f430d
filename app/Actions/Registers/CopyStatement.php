<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Models\Record;
use App\Models\User;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Register\RecordKind;

/** A new statement that begins with the words of another, as they are drafted now. */
final class CopyStatement
{
    public function __construct(private readonly ChangeRecord $change) {}

    /** @throws Refused where the name is no name, or taken */
    public function __invoke(Record $from, string $name, User $author): Record
    {
        $slug = BeginRecord::slug($name);
        $document = $from->newestRevision()->document->with(Place::of('id'), $slug->text);

        return $this->change->begin(RecordKind::Statement, $slug, $document, $author, "copied it from “{$from->called()}”");
    }
}
