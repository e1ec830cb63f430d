<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\ParameterBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * What the office asks for once was not given where it comes as a list, which no page of ours sends: whoever asked says so at the field, as of
 * anything that is missing. Bytes that are no UTF-8 are shown as what nobody can read, and change nothing else.
 */
final class OneValueEach
{
    /** Names of which several are asked for, or one for each of several things. */
    private const LISTS = ['chosen', 'controllers', 'files', 'fit', 'follow', 'languages', 'points', 'value'];

    /** The same where only one act takes several, by its route. */
    private const LISTS_AT = ['points.publish.do' => ['reason', 'until'], 'audit.answer' => ['findings'], 'audit.assign' => ['findings']];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $lists = [...self::LISTS, ...self::LISTS_AT[(string) $request->route()?->getName()] ?? []];
        foreach ([$request->query, $request->request, $request->files] as $given) {
            /** @var ParameterBag $given */
            $given->replace(self::readable(array_filter(
                $given->all(), static fn (mixed $value, int|string $name): bool => ! is_array($value) || in_array($name, $lists, true), ARRAY_FILTER_USE_BOTH
            )));
        }

        return $next($request);
    }

    /**
     * @param  array<mixed>  $given
     * @return array<mixed>
     */
    private static function readable(array $given): array
    {
        return array_map(static fn (mixed $value): mixed => match (true) {
            is_array($value) => self::readable($value),
            is_string($value) => mb_scrub($value, 'UTF-8'),
            default => $value,
        }, $given);
    }
}
