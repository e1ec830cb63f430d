<?php

declare(strict_types=1);

use Juramen\Audit\Mail\MailWords;

/*
 * What mails say to somebody who signed up, in five languages. Three lists were written before the code was changed for them; of the last, run once,
 * it found 26 of 34 sentences and accused none of 7.
 */

test('what a mail asks for, what happens to whoever does nothing and what sells is told from its words', function (): void {
    $lines = file(dirname(__DIR__).'/Forms/mails.txt', FILE_IGNORE_NEW_LINES) ?: [];
    [$expected, $missed, $false] = [0, [], []];
    foreach (array_filter($lines, static fn (string $line): bool => $line[0] !== '#') as $line) {
        [$what, $sentence] = explode('|', $line, 2);
        $words = MailWords::of($sentence);
        $does = array_keys(array_filter(['idle' => $words->sayWhatIfIgnored(), 'sells' => $words->sell('') !== '', 'asks' => $words->confirm()]));
        if (in_array($what, ['idle', 'sells', 'asks'], true)) {
            $expected++;
            $missed = in_array($what, $does, true) ? $missed : [...$missed, $line];
        } elseif ($what === 'none' ? $does !== [] : in_array(substr($what, 4), $does, true)) {
            $false[] = $line;
        }
    }
    expect($expected)->toBeGreaterThan(190)->and($false)->toBe([])
        ->and(count($missed) / $expected)->toBeLessThanOrEqual(0.03, implode("\n", $missed));
});

test('what somebody agreed to is no advertising where the mail repeats it, and what a company owns is no price', function (): void {
    $offers = 'Send me discounts and special offers on kayaks.';
    expect(MailWords::of("Please confirm: $offers")->sell(''))->not->toBe('')->and(MailWords::of("Please confirm: $offers")->sell($offers))->toBe('')
        ->and(MailWords::of("Please confirm: $offers And 20 % off today!")->sell($offers))->toBe('20 %')
        ->and(MailWords::of('Otter Kajaks GmbH, Stammkapital 25.000 EUR')->sell(''))->toBe('')
        ->and(MailWords::of('Your code is 482913.')->sell(''))->toBe('')->and(MailWords::of('With code OTTER10.')->sell(''))->toBe('code OTTER10');
});
