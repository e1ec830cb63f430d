<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A controller by its name, to which points and people belong; what is known of it stands in its record.
 *
 * @property int $id
 * @property string $slug
 */
final class RegisteredController extends Model
{
    public $timestamps = false;

    protected $table = 'controllers';

    protected $guarded = [];
}
