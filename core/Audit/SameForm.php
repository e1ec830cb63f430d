<?php

declare(strict_types=1);

namespace Juramen\Audit;

/**
 * Finds a form again on its page, which may have got others beside it since: by its own id, by where it is sent, by what it is for and by its words.
 * What stands at its place is it, too, where the page has as many forms as before: then it was changed.
 */
final class SameForm
{
    /** What of a form must be the same for it to be known: of 1. */
    private const KNOWN = 0.35;

    /** What each of these counts. */
    private const ID = 0.25;

    private const SENT = 0.2;

    private const KIND = 0.15;

    private const WORDS = 0.4;

    /** More than a tie. */
    private const PLACE = 0.05;

    /**
     * @param  list<Reading>  $before  forms of the page as it was
     * @param  int  $nth  which of them it is
     * @param  list<Reading>  $now
     * @return int|null which it is now; null where it stands there no more
     */
    public static function among(array $before, int $nth, array $now): ?int
    {
        $was = $before[$nth] ?? null;
        if ($was === null) {
            return isset($now[$nth]) ? $nth : null;
        }
        [$best, $most] = [null, self::KNOWN];
        foreach ($now as $i => $reading) {
            $alike = self::alike($was, $reading) + ($i === $nth ? self::PLACE : 0);
            if ($alike > $most) {
                [$best, $most] = [$i, $alike];
            }
        }

        return $best ?? (isset($now[$nth]) && count($now) === count($before) ? $nth : null);
    }

    private static function alike(Reading $was, Reading $is): float
    {
        $id = static fn (Reading $r): string => str_starts_with($r->where->text(), '#') ? $r->where->text() : '';
        $sent = static fn (Reading $r): string => rtrim((string) parse_url((string) $r->page?->action, PHP_URL_PATH), '/');

        return ($id($was) !== '' && $id($was) === $id($is) ? self::ID : 0) + ($sent($was) !== '' && $sent($was) === $sent($is) ? self::SENT : 0)
            + ($was->kind === $is->kind ? self::KIND : 0) + self::WORDS * Likeness::of($was->text, $is->text);
    }
}
