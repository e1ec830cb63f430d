<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Which people of a list somebody looks for again and again.
 *
 * @property int $id
 * @property string $list
 * @property string $name
 * @property string $query as it stands in an address
 * @property int $user_id
 */
final class SavedFilter extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
