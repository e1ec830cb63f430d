<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Ground;
use Juramen\Canon\Refused;

/** How a refusal is answered: its words for whoever reads, its name for whoever checks. */
final class RefusedAnswer
{
    /** In place of a part of the page; nothing was saved, and what was typed stays where it is, as long as that is there. */
    public static function inPlace(Refused $refused): Response
    {
        return response()->view('fields.refused', [
            'why' => $refused->getMessage(), 'refusal' => self::names($refused), 'stands' => ! $refused->isFor(DraftRefusal::ItemGone),
        ], 422);
    }

    /** Fields of which nothing is kept, not even for a moment. */
    private const SECRET = ['password', 'current', 'new', 'again', 'secret'];

    /** Back on the form, with everything that was typed but passwords. */
    public static function onForm(RedirectResponse $to, string $field, Refused $refused): RedirectResponse
    {
        return $to->withInput(request()->except(self::SECRET))->withErrors([$field => $refused->getMessage()])->with('refusal', self::names($refused));
    }

    /** The same with each ground in a line of its own. */
    public static function eachOnForm(RedirectResponse $to, string $field, Refused $refused): RedirectResponse
    {
        return self::onForm($to, $field, $refused)->withErrors([$field => array_map(static fn (Ground $g): string => $g->says(), $refused->grounds)]);
    }

    private static function names(Refused $refused): string
    {
        return implode(' ', array_map(static fn ($ground): string => (string) $ground->refusal->value, $refused->grounds));
    }
}
