<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Symfony\Component\Process\Process;

/** Runs the command as a web team's build would: from the shell, in a place where nothing was ever started. */
function auditHtml(array $files, string ...$options): Process
{
    $process = new Process(
        [PHP_BINARY, base_path('artisan'), 'audit:html', ...$files, ...$options], '/tmp',
        ['JURAMEN_HOME' => '/nowhere', 'DB_SOCKET' => '/nowhere.sock', 'APP_ENV' => 'production'] + getenv()
    );
    $process->run();

    return $process;
}

function htmlFile(string $html): string
{
    file_put_contents($file = tempnam(sys_get_temp_dir(), 'form'), $html);

    return $file;
}

test('foreign forms are audited from the command line without database, with the JSON that is promised', function (): void {
    $bad = htmlFile(
        '<form id="f"><h2>Newsletter</h2><input type="email" name="e"><label><input type="checkbox" id="c" checked> Send me news about tides and moorings</label><button>Join</button></form>'
    );
    $run = auditHtml([$bad], '--json', '--lang=en');
    expect($run->getExitCode())->toBe(1);
    $form = json_decode($run->getOutput(), true, 16, JSON_THROW_ON_ERROR)['files'][0]['forms'][0];
    expect(array_keys($form))->toBe(['selector', 'kind', 'language', 'whole_page', 'controls', 'results'])
        ->and($form['selector'])->toBe('#f')->and($form['kind'])->toBe('newsletter')->and($form['whole_page'])->toBeFalse()
        ->and($form['controls'])->toBe(
            [
                [
                    'selector' => '#c', 'label' => 'Send me news about tides and moorings', 'answer' => 'yes',
                    'purposes' => ['news about tides and moorings'], 'channels' => ['email'],
                ],
            ]
        )
        ->and($form['results'][0])->toBe(
            [
                'requirement' => 'no-preset-answer', 'verdict' => 'breach', 'where' => '#c', 'words' => 'Send me news about tides and moorings',
                'source' => 'GDPR Art. 4(11), Recital 32; CJEU C-673/17', 'mend' => 'Leave it empty, so that only the visitor\'s own act is a yes.',
            ]
        )
        ->and(
            array_column($form['results'], 'requirement')
        )->toBe(array_map(static fn (Requirement $r): string => $r->id(), Requirements::judging()));
    $good = htmlFile('<form><h1>Log in</h1><input type="email"><input type="password"><button>Log in</button></form>');
    expect(auditHtml([$good])->getExitCode())->toBe(0)
        ->and(auditHtml([$good, '/nowhere.html'])->getExitCode())->toBe(2)->and(auditHtml([$good, '/nowhere.html'])->getErrorOutput())
        ->toContain('cannot be opened')
        ->and(auditHtml([$good], '--lang=tlh')->getExitCode())->toBe(2)
        ->and(auditHtml([htmlFile('<p>No form.</p>')])->getOutput())->toContain('no form was found');
    $drawn = auditHtml([$good, htmlFile('<div id=app></div><script type=module src=app.js></script>')]);
    expect($drawn->getExitCode())->toBe(2)->and($drawn->getErrorOutput())->toContain('save it as the browser shows it');
    expect(Artisan::call('audit:html', ['file' => [$bad]]))->toBe(1);
});

test('a build reads findings as tests that fail, with the line in which they stand', function (): void {
    $bad = htmlFile("<!-- <form> -->\n<form>\n<input type=\"email\">\n<label>\n<input type=\"checkbox\" checked> Mail me about ropes</label></form>");
    $run = auditHtml([$bad, '--format=junit']);
    $suites = simplexml_load_string($run->getOutput());
    expect($run->getExitCode())->toBe(1)->and((int) $suites->testsuite['failures'])->toBe(count($suites->xpath('//testcase[failure]')))
        ->and((string) $suites->xpath('//testcase[@name="no-preset-answer"]/failure')[0])->toStartWith("$bad:5: ")
        ->and($suites->xpath('//testcase[@name="bots-kept-out"]/skipped'))->toHaveCount(1)
        ->and($suites->xpath('//testcase[@name="fill-help"]/system-out'))->toHaveCount(1);
    expect(auditHtml([$bad, '--format=word'])->getExitCode())->toBe(2)
        ->and(auditHtml([$bad, '--format=text'])->getOutput())->toContain('line 5, breach: no-preset')
        ->and(auditHtml([htmlFile('<form><h1>Your order</h1><input type="email"><button>Pay now</button></form>')])->getOutput())
        ->toContain('an order form, because');
});
