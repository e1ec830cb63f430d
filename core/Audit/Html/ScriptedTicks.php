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
        .'setAttribute\(\s*["\']checked["\'])';

    /** What opens a block that runs by itself, right before its brace. */
    private const AT_ONCE = '~(?:["\'](?:DOMContentLoaded|load|ready)["\']|\.ready\(|onload\s*=|(?:\$|jQuery)\(|\()\s*,?\s*(?:async\s*)?(?:function\s*\w*\s*\([^(){}]*\)'
        .'|\([^(){}]*\)\s*=>|\w+\s*=>)\s*$~';

    /** @param  array<string, true>  $boxes  ids, and names behind "name " */
    private function __construct(private array $boxes) {}

    public static function in(string $script): self
    {
        $boxes = [];
        foreach (str_contains($script, 'checked') ? self::statements($script) : [] as $at => $box) {
            if (self::runsAtOnce(substr($script, 0, $at))) {
                $boxes[$box] = true;
            }
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

        return $statements;
    }

    /** @param  list<array{string, int}>  $found  its id by either way, or its name */
    private static function box(array $found): string
    {
        return isset($found[2]) ? "name {$found[2][0]}" : implode('', array_map(static fn (array $f): string => $f[0], $found));
    }

    /** Whether every block that is still open before a statement runs by itself. */
    private static function runsAtOnce(string $before): bool
    {
        $open = [];
        foreach (str_split($before) as $at => $character) {
            if ($character === '{') {
                $open[] = $at;
            } elseif ($character === '}') {
                array_pop($open);
            }
        }
        foreach ($open as $at) {
            if (preg_match(self::AT_ONCE, substr($before, 0, $at)) !== 1) {
                return false;
            }
        }

        return true;
    }

    public function tick(DOMElement $box): bool
    {
        return isset($this->boxes[$box->getAttribute('id')]) || isset($this->boxes['name '.$box->getAttribute('name')]);
    }
}
