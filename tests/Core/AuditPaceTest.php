<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\Page;
use Juramen\Audit\Requirements;
use Tests\Core\FoundFormCase;
use Tests\Core\FoundForms;
use Tests\Core\PageAround;

/* What an audit of forms from elsewhere costs beside building the tree of their pages, which is counted in both. */

/**
 * Each parsed, and then read and judged, in turn.
 *
 * @param  list<array{string, string}>  $pages  each with its address; no text of one was read before
 * @return array{float, float} milliseconds for parsing a page, and how many times that its audit takes
 */
function paceOf(array $pages): array
{
    [$parsing, $auditing] = [0.0, 0.0];
    foreach ($pages as [$html, $address]) {
        $parsing += spent(static fn () => Page::read($html));
        $auditing += spent(static fn () => array_map(Requirements::judge(...), HtmlReader::read($html, $address)));
    }

    return [$parsing / count($pages), $auditing / $parsing];
}

test('auditing forms in whole pages whose every text is new costs at most three times parsing them', function (): void {
    $forms = FoundForms::in(...FoundForms::ALL)->forms;
    mt_srand(11);
    shuffle($forms);
    // The words of each language are read from its files once in a process.
    FoundForms::in('open-en', 'open-de', 'open-fr', 'open-nordic')->tally();
    $around = PageAround::wordsOf($forms);
    $pages = array_map(static fn (FoundFormCase $f): array => [$around->form($f), $f->address], array_splice($forms, 0, fullSize(1000)));
    [$parsing, $times] = paceOf($pages);
    $size = array_sum(array_map(static fn (array $page): int => strlen($page[0]), $pages)) / count($pages);
    [$alone, $timesAlone] = paceOf(array_map(static fn (FoundFormCase $f): array => [$f->html, $f->address], array_splice($forms, 0, 300)));
    fwrite(STDERR, sprintf(
        "\n  audit of %d pages of %.0f kB, all of whose texts are new: %.2f times parsing (%.1f ms); of forms without a page: %.2f times parsing (%.2f ms)\n",
        count($pages), $size / 1000, $times, $parsing, $timesAlone, $alone
    ));
    expect($times)->toBeLessThanOrEqual(3.0)->and($timesAlone)->toBeLessThanOrEqual(9.0);
});

test('a page of 1,500 links costs at most three times parsing it', function (): void {
    $page = static fn (int $n): string => '<!doctype html><html lang="en"><head><title>Harbours</title></head><body><ul>'.implode('', array_map(
        static fn (int $i): string => "<li><a href=\"/harbours/$n/$i\">Morning of harbour $n and pier $i</a></li>", range(1, 1500)
    )).'</ul><form><label>Your email <input type="email"></label><button>Subscribe to the newsletter</button></form></body></html>';
    Requirements::judge(HtmlReader::read($page(0))[0]);
    $times = array_map(static fn (int $n): float => paceOf([[$page($n), '']])[1], range(1, 5));
    sort($times);
    fwrite(STDERR, sprintf("\n  audit of a page of 1,500 links: %.2f times parsing\n", $times[2]));
    expect($times[2])->toBeLessThanOrEqual(3.0);
});
