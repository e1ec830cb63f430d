<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\ProofFile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;
use Juramen\Canon\Digest;

/**
 * A file on which answers to findings rest, encrypted with the application's key; one that several rest on is kept once.
 *
 * @property string $digest of what it holds
 * @property string $name
 * @property string $type
 * @property string $bytes as they are stored
 */
final class AnswerFile extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'digest';

    protected $keyType = 'string';

    protected $guarded = [];

    public static function keep(ProofFile $file): void
    {
        self::query()->insertOrIgnore([
            'digest' => $file->digest()->bytes, 'name' => $file->name, 'type' => $file->type, 'bytes' => Crypt::encryptString($file->content),
        ]);
    }

    /** What it holds; null where that is no longer what its digest says. */
    public function content(): ?string
    {
        $content = Crypt::decryptString($this->bytes);

        return Digest::of($content)->equals(Digest::fromBytes($this->digest)) ? $content : null;
    }
}
