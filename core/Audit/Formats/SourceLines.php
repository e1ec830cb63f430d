<?php

declare(strict_types=1);

namespace Juramen\Audit\Formats;

use DOMElement;
use Juramen\Audit\Html\Encoding;
use Juramen\Audit\Html\Page;

/**
 * In which line of a file an element begins: the n-th of its name in the document is the n-th that its source opens, comments and scripts left out.
 * Elements that browsers add by themselves are none of those that findings speak of.
 */
final class SourceLines
{
    /** @var array<string, list<int>>|null name of an element to the lines in which it begins */
    private ?array $opened = null;

    private ?Page $page = null;

    public function __construct(private readonly string $bytes) {}

    /** @param  string  $selector  as Page writes them */
    public function of(string $selector): ?int
    {
        $element = $this->page()->find($selector);

        return $element === null ? null : $this->opened()[$element->nodeName][$this->nth($element)] ?? null;
    }

    private function page(): Page
    {
        return $this->page ??= Page::read($this->bytes);
    }

    private function nth(DOMElement $element): int
    {
        return (int) array_search($element, $this->page()->named([$element->nodeName]), true);
    }

    /** @return array<string, list<int>> */
    private function opened(): array
    {
        if ($this->opened === null) {
            $blank = static fn (array $m): string => (string) preg_replace('~[^\n]~', ' ', $m[0]);
            $html = Encoding::toUtf8($this->bytes);
            $html = preg_replace_callback('~<!--.*?-->|(?<=>)[^<]*(?=</(?:script|style)\b)~is', $blank, $html) ?? $html;
            $this->opened = [];
            preg_match_all('~<([a-z][a-z0-9-]*)\b~i', $html, $found, PREG_OFFSET_CAPTURE);
            [$line, $from] = [1, 0];
            foreach ($found[1] as [$name, $at]) {
                $line += substr_count($html, "\n", $from, $at - $from);
                $from = $at;
                $this->opened[strtolower($name)][] = $line;
            }
        }

        return $this->opened;
    }
}
