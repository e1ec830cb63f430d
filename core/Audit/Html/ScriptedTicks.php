<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/**
 * Boxes that a page's own script ticks at once, before anybody has done anything: by a statement that runs as the page is read or has been loaded. What
 * a script does when something is pressed is left alone, and nothing is run.
 */
final readonly class ScriptedTicks
{
    /** What finds an element by its id or its name. */
    private const FINDS = '(?:document\s*\.\s*getElementById\(\s*["\']([\w-]+)["\']\s*\)'
        .'|(?:document\s*\.\s*querySelector|\$|jQuery)\(\s*["\']#([\w-]+)["\']\s*\)'
        .'|(?:document\s*\.\s*querySelector|\$|jQuery)\(\s*["\'](?:input)?\[name=["\']?([\w-]+)["\']?\]["\']\s*\))';

    private const TICKS = '\s*\.\s*(?:checked\s*=\s*(?:true|1|!0)(?!\w)|(?:prop|attr)\(\s*["\']checked["\']\s*,\s*(?:true|["\']checked["\'])|'
        .'setAttribute\(\s*["\']checked["\']|click\(\s*\))';

    /** All boxes, each in turn or at one go. */
    private const ALL = '~(?:querySelectorAll|\$|jQuery)\(\s*["\'](?:[\w.#-]+\s+)?(?:input)?(?:\[type=["\']?checkbox["\']?\]|:checkbox)["\']\s*\)'
        .'(?:\s*\.\s*(?:forEach|each)\(\s*(?:function\s*\([^()]*\)\s*\{|\(?\s*\w+\s*\)?\s*=>\s*[{(]?)\s*(?:\$\()?\w+\)?)?'.self::TICKS.'~';

    /** What opens a block that runs by itself, right before its brace. */
    private const AT_ONCE = '~(?:["\'](?:DOMContentLoaded|load|ready)["\']|\.ready\(|onload\s*=|(?:\$|jQuery)\(|\()\s*,?\s*(?:async\s*)?(?:function\s*\w*\s*\([^(){}]*\)'
        .'|\([^(){}]*\)\s*=>|\w+\s*=>)\s*$~';

    /** Bytes of scripts that are looked at: what ticks a box is written by hand, and what is longer is a library. */
    private const LONGEST = 100_000;

    /** Bytes before a brace in which it is told what opens there. */
    private const OPENING = 200;

    /** @param  array<string, true>  $boxes  ids, and names behind "name " */
    private function __construct(private array $boxes) {}

    public static function in(string ...$scripts): self
    {
        $boxes = [];
        foreach ($scripts as $script) {
            $statements = strlen($script) <= self::LONGEST && preg_match('~checked|\.click\(~', $script) === 1 ? self::statements($script) : [];
            $boxes += array_fill_keys(array_intersect_key($statements, self::atOnce($script, array_keys($statements))), true);
        }

        return new self($boxes);
    }

    /** @return array<int, string> by where a statement stands, the box that it ticks */
    private static function statements(string $script): array
    {
        $statements = [];
        preg_match_all('~'.self::FINDS.self::TICKS.'~', $script, $direct, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($direct as $match) {
            $statements[$match[0][1]] = self::box(array_slice($match, 1));
        }
        preg_match_all('~(?:const|let|var)\s+(\w+)\s*=\s*'.self::FINDS.'\s*[;,\n]~', $script, $variables, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($variables as $variable) {
            $ticks = '~(?<![\w.$])'.$variable[1][0].self::TICKS.'~';
            if (preg_match($ticks, $script, $match, PREG_OFFSET_CAPTURE, $variable[0][1]) === 1) {
                $statements[$match[0][1]] = self::box(array_slice($variable, 2));
            }
        }
        if (preg_match(self::ALL, $script, $all, PREG_OFFSET_CAPTURE) === 1) {
            $statements[$all[0][1]] = '*';
        }

        return $statements;
    }

    /** @param  list<array{string, int}>  $found  its id by either way, or its name */
    private static function box(array $found): string
    {
        return isset($found[2]) ? "name {$found[2][0]}" : implode('', array_map(static fn (array $f): string => $f[0], $found));
    }

    /**
     * Those statements before which every block that is still open runs by itself.
     *
     * @param  list<int>  $places
     * @return array<int, true> by place
     */
    private static function atOnce(string $script, array $places): array
    {
        if ($places === []) {
            return [];
        }
        sort($places);
        preg_match_all('~[{}]~', $script, $braces, PREG_OFFSET_CAPTURE);
        [$open, $runs, $next] = [[true], [], 0];
        foreach ($places as $place) {
            for (; isset($braces[0][$next]) && $braces[0][$next][1] < $place; $next++) {
                [$brace, $at] = $braces[0][$next];
                if ($brace === '{') {
                    $from = max(0, $at - self::OPENING);
                    $open[] = end($open) === true && preg_match(self::AT_ONCE, substr($script, $from, $at - $from)) === 1;
                } elseif (count($open) > 1) {
                    array_pop($open);
                }
            }
            $runs += end($open) === true ? [$place => true] : [];
        }

        return $runs;
    }

    public function tick(DOMElement $box): bool
    {
        return isset($this->boxes['*']) || isset($this->boxes[$box->getAttribute('id')]) || isset($this->boxes['name '.$box->getAttribute('name')]);
    }
}
