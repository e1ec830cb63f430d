<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;

/**
 * A personal value with its salt; deleting the row removes the value and leaves the proof whole.
 *
 * @property int $id
 * @property Id $subject
 * @property Id $entry
 * @property Digest $digest
 * @property string $text
 */
final class StoredDisclosure extends Model
{
    public $timestamps = false;

    protected $table = 'disclosures';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['subject' => ValueCast::ID, 'entry' => ValueCast::ID, 'digest' => ValueCast::DIGEST];
    }
}
