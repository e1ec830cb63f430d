<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Response;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/** The plain pages that a visitor meets around the form, in the look of the edition they belong to. */
final class VisitorPage
{
    /**
     * @param  string  $page  name of the view
     * @param  array<string, mixed>  $data
     */
    public static function respond(Language $language, string $page, array $data = [], ?PointEdition $edition = null, int $status = 200): Response
    {
        return response()->view("visitor.$page", [
            ...$data,
            'language' => $language,
            'controller' => $edition?->controller,
            'stylesheet' => $edition === null ? '/build/visitor.css' : '/frozen/'.$edition->in($language)->css->hex().'.css',
            'say' => static fn (string $key, array $with = []): string => (string) __("visitor.$key", $with, $language->value),
        ], $status);
    }
}
