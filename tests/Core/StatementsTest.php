<?php

declare(strict_types=1);

use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\Links;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Response;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Register\Language;
use Juramen\Wording\Lexicon;
use Juramen\Wording\Topic;
use Tests\Core\Statements;
use Tests\Core\UnseenStatements;

/** @return list<Result> findings on a statement that stands alone, as wording:check reads it */
function findingsOn(string $text, Language $language): array
{
    $refuses = Lexicon::of($language)->speaksOf(Topic::Refuses, $text);
    $reading = new Reading('text', FormKind::Other, '', $language, null, false, [new Control('text', $text, ControlRole::Consent, Response::Unset, refuses: $refuses)], [], new Links, $text);

    return array_values(array_filter(array_merge(...array_map(static fn ($r): array => $r->judge($reading), Requirements::ofWords())), static fn (Result $r): bool => $r->verdict->isFinding()));
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
