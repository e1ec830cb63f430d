<?php

declare(strict_types=1);

use App\Support\KeptAsPhp;
use Illuminate\Support\Facades\File;

/* What is made of files that are shipped is made once, and anew when they are others. */

beforeEach(function (): void {
    $this->storage = sys_get_temp_dir().'/juramen-kept-'.getmypid();
    File::ensureDirectoryExists("$this->storage/framework");
    app()->useStoragePath($this->storage);
    $this->made = 0;
    $this->make = function (): array {
        $this->made++;

        return ['words' => ["it's", 'Größe', "a\n\\b\$c"], 'numbers' => [7 => true, -1 => [null, 2.5]]];
    };
});

afterEach(fn () => File::deleteDirectory($this->storage));

test('it is made once, comes back as it was, and is made anew of other files, whose like is then gone', function (): void {
    $first = KeptAsPhp::of('things', 'files of today', $this->make);
    expect($first)->toBe(KeptAsPhp::of('things', 'files of today', $this->make))->toBe(($this->make)())->and($this->made)->toBe(2);
    KeptAsPhp::of('things-of-others', 'files of today', $this->make);
    KeptAsPhp::of('things', 'files of tomorrow', $this->make);
    expect($this->made)->toBe(4)->and(glob("$this->storage/framework/things-????????????.php"))->toHaveCount(1)
        ->and(glob("$this->storage/framework/things-of-others-*.php"))->toHaveCount(1);
});

test('where nothing can be written it is made each time', function (): void {
    File::deleteDirectory("$this->storage/framework");
    expect(KeptAsPhp::of('things', 'files', $this->make))->toBe(KeptAsPhp::of('things', 'files', $this->make))->and($this->made)->toBe(2);
});
