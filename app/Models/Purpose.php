<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What a controller uses contact details for, with names that subscribers read. */
final class Purpose extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['names' => 'array'];
    }

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }
}
