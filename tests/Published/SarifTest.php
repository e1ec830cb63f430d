<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/*
 * OASIS SARIF 2.1.0, by ajv-draft-04: the part of its schema that we use, from memory (no package of the registry carries the schema itself).
 */

/** @return list<string> what is wrong with a report */
function sarifFaults(string $report): array
{
    $check = new Process(['node', __DIR__.'/sarif.mjs'], dirname(__DIR__, 2), null, $report);
    $check->mustRun();

    return json_decode($check->getOutput(), true);
}

test('what is written for builds is SARIF, whatever a file is called and whatever is in it', function (): void {
    // One with a space in its name, and none that a run before has left.
    $folder = sys_get_temp_dir().'/juramen sarif '.bin2hex(random_bytes(6));
    mkdir($folder);
    file_put_contents("$folder/a page, \"quoted\".html", '<form><input type="email"><label><input type="checkbox" checked> Mail me & “all”</label></form>');
    file_put_contents("$folder/none.html", '<p>no form</p>');
    $run = new Process(['php', 'artisan', 'audit:html', "$folder/a page, \"quoted\".html", "$folder/none.html", '--format=sarif'], dirname(__DIR__, 2));
    $run->run();
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);
    expect($run->getExitCode())->toBe(1)->and(sarifFaults($run->getOutput()))->toBe([]);
    $report = json_decode($run->getOutput(), true);
    $results = $report['runs'][0]['results'];
    expect(array_column($results, 'ruleId'))->toContain('no-preset-answer')->and(array_column($results, 'kind'))->toContain('review');
    // The check can fail.
    $report['runs'][0]['results'][0]['level'] = 'bad';
    expect(sarifFaults((string) json_encode($report)))->not->toBe([]);
    $report['runs'][0]['results'][0] = ['message' => ['text' => 'x'], 'kind' => 'review', 'level' => 'error'];
    expect(sarifFaults((string) json_encode($report)))->not->toBe([]);
});
