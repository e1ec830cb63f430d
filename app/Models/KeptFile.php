<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;
use Juramen\Canon\Digest;
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

    /** What the entry's disclosure says of such a file. */
    public static function said(string $name, string $type, string $content): string
    {
        return "$name, $type, sha256 ".Digest::of($content)->hex();
    }

    /** Whether it is what the entry's disclosure says. */
    public function isAsSaid(string $said): bool
    {
        return hash_equals($said, self::said($this->name, $this->type, $this->content()));
    }
}
