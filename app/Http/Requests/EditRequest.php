<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Registers\Edit;
use App\Actions\Registers\EditKind;
use Illuminate\Foundation\Http\FormRequest;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Register\RecordKind;

/** An edit of one place, as a page sends it. Who may make it, the route says; what may be made, the record's schema. */
final class EditRequest extends FormRequest
{
    /** @throws Refused where it names no place */
    public function edit(RecordKind $kind): Edit
    {
        return new Edit(
            $kind, EditKind::tryFrom($this->string('do', 'set')->toString()) ?? EditKind::Set, Place::parse($this->string('place')->toString()),
            $this->input('value')
        );
    }

    /** Number of the revision that it began from. */
    public function base(): int
    {
        return $this->integer('base');
    }

    /** Whether the page is drawn anew whatever was changed. */
    public function whole(): bool
    {
        return $this->boolean('whole');
    }
}
