<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Juramen\Audit\Mail\SentMail;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;

/**
 * The mail that a form from elsewhere sends.
 *
 * @property int $id
 * @property int $foreign_form_id
 * @property string $mail as JSON
 * @property int $user_id
 * @property Instant $read_at
 */
final class ForeignMail extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['read_at' => ValueCast::INSTANT];
    }

    public function sent(): SentMail
    {
        return SentMail::from(Document::parse($this->mail));
    }
}
