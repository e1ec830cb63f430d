<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/**
 * One reading of a form from elsewhere: when, how, and the page as it stood.
 *
 * @property int $id
 * @property int $foreign_form_id
 * @property Digest $page
 * @property int $nth which form of that page it is, from 0
 * @property string|null $language that was said to be its own
 * @property ReadHow $how
 * @property int|null $user_id nobody where the clock read it
 * @property Instant $read_at
 * @property string $fault why it could not be read again; empty where it was
 * @property Instant|null $looked_at
 * @property-read ForeignForm $form
 * @property-read User|null $user
 */
final class ForeignReading extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['read_at' => ValueCast::INSTANT, 'looked_at' => ValueCast::INSTANT, 'page' => ValueCast::DIGEST, 'how' => ReadHow::class];
    }

    /** @return BelongsTo<ForeignForm, $this> */
    public function form(): BelongsTo
    {
        return $this->belongsTo(ForeignForm::class, 'foreign_form_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
