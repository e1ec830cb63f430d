<?php

declare(strict_types=1);

namespace Juramen\Audit\Formats;

use ArrayObject;
use Juramen\Audit\Html\Encoding;
use Juramen\Audit\Html\Page;

/**
 * In which line of a file an element begins: the n-th of its name in the document is the n-th that its source opens, comments and scripts left out.
 * Elements that browsers add by themselves are none of those that findings speak of.
 */
final readonly class SourceLines
{
    /** @param  ArrayObject<string, mixed>  $told  what was worked out, once somebody asked */
    public function __construct(private string $bytes, private ArrayObject $told = new ArrayObject) {}

    /** @param  string  $selector  as Page writes them */
    public function of(string $selector): ?int
    {
        $page = $this->once('page', fn (): Page => Page::read($this->bytes));
        $element = $page->find($selector);
        if ($element === null) {
            return null;
        }
        $nth = array_search($element, $page->named([$element->nodeName]), true);

        return $this->once('opened', $this->opened(...))[$element->nodeName][$nth] ?? null;
    }

    /** @return array<string, list<int>> name of an element to the lines in which it begins */
    private function opened(): array
    {
        $blank = static fn (array $m): string => (string) preg_replace('~[^\n]~', ' ', $m[0]);
        $html = Encoding::toUtf8($this->bytes);
        $html = preg_replace_callback('~<!--.*?-->|(?<=>)[^<]*(?=</(?:script|style)\b)~is', $blank, $html) ?? $html;
        [$opened, $line, $from] = [[], 1, 0];
        preg_match_all('~<([a-z][a-z0-9-]*)\b~i', $html, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[1] as [$name, $at]) {
            $line += substr_count($html, "\n", $from, $at - $from);
            $from = $at;
            $opened[strtolower($name)][] = $line;
        }

        return $opened;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $tell
     * @return T
     */
    private function once(string $what, callable $tell): mixed
    {
        if (! $this->told->offsetExists($what)) {
            $this->told[$what] = $tell();
        }

        return $this->told[$what];
    }
}
