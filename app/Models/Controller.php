<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A controller's register entry; its rules hold for its points.
 *
 * @property int $id
 * @property string $slug
 * @property string $document
 * @property string $rules
 */
final class Controller extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
