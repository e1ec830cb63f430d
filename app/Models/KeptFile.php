<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\ProofFile;
use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;
use Juramen\Canon\Id;

/**
 * A file that is kept with an entry, encrypted with the application's key.
 *
 * @property int $id
 * @property Id $subject
 * @property Id $entry
 * @property string $name
 * @property string $type
 * @property string $bytes as they are stored
 */
final class KeptFile extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['subject' => ValueCast::ID, 'entry' => ValueCast::ID];
    }

    public function content(): string
    {
        return Crypt::decryptString($this->bytes);
    }

    /** Whether it is what the entry's disclosure says. */
    public function isAsSaid(string $said): bool
    {
        return hash_equals($said, ProofFile::of($this->name, $this->type, $this->content())->said());
    }
}
