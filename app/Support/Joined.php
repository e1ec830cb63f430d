<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Eloquent\Model;

/** Rows that were read with those of another table in one query, taken apart into a model and the one it belongs to. */
final class Joined
{
    /**
     * Gives a row its relation, made of columns that were read with it; what is left is the row as it would have been read alone.
     *
     * @template T of Model
     *
     * @param  T  $empty  of the kind that it belongs to
     * @param  list<string>  $columns  of the other table, its key not among them
     * @return T
     */
    public static function apart(Model $row, string $relation, string $foreign, Model $empty, array $columns): Model
    {
        $of = array_intersect_key($row->getAttributes(), array_flip($columns));
        $row->setRawAttributes(array_diff_key($row->getAttributes(), $of), true);
        $related = $empty->newFromBuilder([$empty->getKeyName() => $row->getAttribute($foreign), ...$of]);
        $row->setRelation($relation, $related);

        return $related;
    }
}
