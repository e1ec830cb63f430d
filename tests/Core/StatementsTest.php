<?php

declare(strict_types=1);

use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Register\Language;
use Tests\Core\Statements;
use Tests\Core\UnseenStatements;

/** @return list<Result> findings on a statement that stands alone, as wording:check reads it */
function findingsOn(string $text, Language $language): array
{
    return array_values(array_filter(Requirements::judge(Reading::ofWords($text, $language)), static fn (Result $r): bool => $r->verdict->isFinding()));
}

test('good statements pass without a breach', function (string $language, string $text): void {
    $breaches = array_filter(findingsOn($text, Language::from($language)), static fn (Result $r): bool => $r->verdict === Verdict::Breach);
    expect(array_map(static fn (Result $r): string => "{$r->requirement->id()}: {$r->says}", $breaches))->toBe([]);
})->with(function (): iterable {
    foreach ([['seen', Statements::GOOD], ['unseen', UnseenStatements::GOOD]] as [$which, $all]) {
        foreach ($all as $language => $texts) {
            foreach ($texts as $i => $text) {
                yield "$language, good, $which, ".($i + 1) => [$language, $text];
            }
        }
    }
});

test('bad statements are caught for the right reason', function (string $language, string $text, string $requirement): void {
    $found = array_map(static fn (Result $r): string => $r->requirement->id(), findingsOn($text, Language::from($language)));
    expect($found)->toContain($requirement);
})->with(function (): iterable {
    foreach (Statements::BAD as $language => $texts) {
        $i = 0;
        foreach ($texts as $text => $requirement) {
            yield "$language, bad, seen, ".++$i => [$language, $text, $requirement];
        }
    }
    foreach (UnseenStatements::BAD as $language => $texts) {
        foreach ($texts as $i => [$text, $requirement]) {
            yield "$language, bad, unseen, ".($i + 1) => [$language, $text, $requirement];
        }
    }
});
