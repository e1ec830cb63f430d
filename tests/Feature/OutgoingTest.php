<?php

declare(strict_types=1);

use App\Support\Outgoing\OutgoingClient;
use App\Support\Outgoing\OutgoingFailed;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/* Pages of others are fetched from a real server that behaves as badly as it can; memory stays small and every end has its name. */

beforeEach(function (): void {
    $this->site = new Process(['node', base_path('tests/Support/site.mjs')], input: new InputStream);
    $this->site->start();
    $this->site->waitUntil(static fn (string $type, string $said): bool => $type === Process::OUT && trim($said) !== '');
    config()->set('juramen.outgoing.stand_ins', 'site.example=http://127.0.0.1:'.trim($this->site->getOutput()));
    $this->fetched = static function (string $path): string {
        try {
            $page = app(OutgoingClient::class)->page("https://site.example$path");

            return parse_url($page->address, PHP_URL_PATH).' '.strlen($page->bytes);
        } catch (OutgoingFailed $e) {
            return $e->problem;
        }
    };
});

afterEach(fn () => $this->site->stop(1));

test('a page is fetched as it stands, packed or not, and redirects are followed from where they stand', function (): void {
    $length = (int) explode(' ', ($this->fetched)('/page'))[1];
    expect($length)->toBeGreaterThan(100);
    $expected = [
        '/page' => "/page $length", '/packed' => "/packed $length", '/whole' => '/whole 5000000',
        '/deep/one' => "/page $length", '/deep/two' => "/deep/two $length", '/hop/1' => "/page $length", '/hop/2' => "/page $length",
    ];
    expect(array_map($this->fetched, array_combine(array_keys($expected), array_keys($expected))))->toBe($expected);
});

test('what is too large, unpacks without end, never ends or breaks off is refused, and fills no memory', function (): void {
    $before = memory_get_peak_usage(true);
    foreach (['/large', '/bomb', '/endless', '/silent'] as $path) {
        $began = microtime(true);
        expect(($this->fetched)($path))->toBe('too-large-or-slow', $path);
        // None of them waits for the ten seconds that a fetch may take, however slow the machine.
        expect(microtime(true) - $began)->toBeLessThan(9.5, $path);
    }
    expect(memory_get_peak_usage(true) - $before)->toBeLessThan(40_000_000);
});

test('where a redirect leads is checked like what was named first, and it does not lead on for ever', function (): void {
    $expected = [
        '/inside' => 'private-network', '/mapped' => 'private-network', '/script' => 'not-https', '/file' => 'not-https', '/broken' => 'not-https',
        '/nowhere' => 'leads-round', '/far/1' => 'leads-round', '/away' => 'no-page-there', '/none' => 'no-page-there',
    ];
    expect(array_map($this->fetched, array_combine(array_keys($expected), array_keys($expected))))->toBe($expected);
});

test('a call to a destination takes no more than it should, and follows nobody', function (): void {
    $called = static function (string $path): string {
        try {
            return (string) app(OutgoingClient::class)->call('GET', "https://site.example$path")->status;
        } catch (OutgoingFailed $e) {
            return $e->problem.($e->mayHaveArrived ? ', perhaps' : '');
        }
    };
    $expected = ['/page' => '200', '/packed' => '200', '/none' => '404', '/bomb' => 'no-answer-there, perhaps', '/whole' => 'no-answer-there, perhaps',
        '/hop/1' => 'leads-elsewhere'];
    expect(array_map($called, array_combine(array_keys($expected), array_keys($expected))))->toBe($expected);
    $this->site->stop(1);
    expect($called('/page'))->toBe('no-connection-there');
});
