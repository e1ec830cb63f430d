<?php

declare(strict_types=1);

/* The rules of the house: dependencies point one way, and the core knows nothing of what stands around it. */

const CORE = ['Canon', 'Register', 'Log', 'Wording', 'Screening', 'Points', 'Consent', 'Audit'];

foreach (CORE as $i => $folder) {
    $later = array_map(static fn (string $f): string => "Juramen\\$f", array_slice(CORE, $i + 1));
    arch("core/$folder uses only what stands above it")->expect("Juramen\\$folder")->not->toUse($later === [] ? ['App'] : $later);
}
arch('Screening uses only Canon and Register')->expect('Juramen\Screening')->not->toUse(['Juramen\Log', 'Juramen\Wording']);
arch('the core knows neither framework nor application')->expect('Juramen')->not->toUse(['Illuminate', 'Laravel', 'App', 'Carbon']);
arch('the core does no input or output and asks no clock')->expect('Juramen')->not->toUse(['file_get_contents', 'file_put_contents', 'fopen', 'time', 'date', 'microtime', 'now', 'env', 'config', 'getenv', 'curl_init']);
arch('everything declares strict types')->expect(['Juramen', 'App', 'Database\Demo'])->toUseStrictTypes();
arch('controllers are thin: they do not touch the database')->expect('App\Http\Controllers')->not->toUse('Illuminate\Support\Facades\DB');
arch('only the appender writes entries')->expect('App\Actions\Ledger\LedgerTables')->not->toBeUsedIn(['App\Models', 'App\Mail', 'App\Support']);
arch('nothing is left from debugging')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();

test('core types are immutable', function (): void {
    $builders = ['Juramen\Points\SlottedText', 'Juramen\Log\MemorySubtrees', 'Juramen\Log\WantedSubtrees', 'Juramen\Canon\Merge'];
    $loose = [];
    foreach (glob(__DIR__.'/../../core/*/*.php') as $file) {
        $class = 'Juramen\\'.basename(dirname($file)).'\\'.basename($file, '.php');
        $type = new ReflectionClass($class);
        $plain = $type->isInterface() || $type->isEnum() || $type->isSubclassOf(Throwable::class) || $type->getProperties() === [];
        if (! $plain && ! $type->isReadOnly() && ! in_array($class, $builders, true)) {
            $loose[] = $class;
        }
    }
    expect($loose)->toBe([]);
});

test('no file has grown past what one can hold in the head', function (): void {
    $long = [];
    foreach (['core/*/*.php', 'app/*/*.php', 'app/*/*/*.php', 'app/*/*/*/*.php', 'resources/views/*/*.php'] as $pattern) {
        foreach (glob(__DIR__.'/../../'.$pattern) as $file) {
            if (count(file($file)) > 400) {
                $long[] = $file;
            }
        }
    }
    expect($long)->toBe([]);
});
