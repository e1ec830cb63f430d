<?php

declare(strict_types=1);

use Tests\Support\Uses;

/* The rules of the house: dependencies point one way, and the core knows nothing of what stands around it. */

const CORE = ['Canon', 'Access', 'Register', 'Log', 'Wording', 'Screening', 'Points', 'Consent', 'Upkeep', 'Audit'];

// Each: what it says, of which classes, the names that they do not use, and whom it does not bind.
$rules = [
    ['Screening uses only Canon and Register', 'Juramen\Screening', ['Juramen\Log', 'Juramen\Wording']],
    ['the core knows neither framework nor application', 'Juramen', ['Illuminate', 'Laravel', 'App', 'Carbon']],
    [
        'the core does no input or output and asks no clock, but for the files of languages', 'Juramen',
        ['file_get_contents', 'file_put_contents', 'fopen', 'time', 'date', 'microtime', 'now', 'env', 'config', 'getenv', 'curl_init'],
        ['Juramen\Wording\Words\LanguageFiles'],
    ],
    ['Access stands by itself: the rules of the job do not know who works here', 'Juramen', ['Juramen\Access'], ['Juramen\Access']],
    // The application goes one way too: queries read, acts decide and write, pages prepare what is shown, controllers bring them together.
    ['acts know no page and no request', 'App\Actions', ['App\Pages', 'App\Http', 'App\Console', 'App\Policies']],
    ['queries know no page and no request', 'App\Queries', ['App\Pages', 'App\Http', 'App\Console']],
    ['pages know no request and no controller', 'App\Pages', ['App\Http', 'App\Console']],
    ['models know neither queries nor pages', 'App\Models', ['App\Queries', 'App\Pages', 'App\Http']],
    [
        'a field kind knows no form, no sheet and no other kind', 'Juramen\Points\Fields',
        ['Juramen\Points\Sheet', 'Juramen\Points\SheetDraft', 'Juramen\Points\FormRenderer', 'Juramen\Points\FieldKinds', 'Juramen\Points\PointEdition'],
    ],
    [
        'an act of the ledger knows nothing of how it is folded', 'Juramen\Consent\Acts',
        ['Juramen\Consent\Permissions', 'Juramen\Consent\Journey', 'Juramen\Consent\Erasures', 'Juramen\Consent\Lifeline'],
    ],
    [
        'a requirement knows no other and not the list they stand in', 'Juramen\Audit\Requirements',
        ['Juramen\Audit\Judgement', 'Juramen\Audit\Finding', 'Juramen\Audit\Note'],
    ],
    ['controllers are thin: they do not touch the database', 'App\Http\Controllers', ['Illuminate\Support\Facades\DB']],
    ...array_map(static fn (string $of): array => [
        "only the appender writes entries, and nothing of $of", $of, ['App\Actions\Ledger\LedgerTables'],
    ], ['App\Models', 'App\Mail', 'App\Support']),
    ...array_map(static fn (string $of): array => [
        "nothing is left from debugging in $of", $of, ['dd', 'dump', 'var_dump', 'print_r', 'ray'],
    ], ['Juramen', 'App']),
    ...array_map(static fn (int $i): array => [
        'core/'.CORE[$i].' uses only what stands above it', 'Juramen\\'.CORE[$i],
        ['App', ...array_map(static fn (string $later): string => "Juramen\\$later", array_slice(CORE, $i + 1))],
    ], array_keys(CORE)),
];
foreach ($rules as $rule) {
    test($rule[0], fn () => expect(Uses::of($rule[1], $rule[2], $rule[3] ?? []))->toBe([]));
}

test('names are told from code as it stands', function (): void {
    $code = <<<'PHP'
        <?php
        declare(strict_types=1);
        namespace Juramen\Audit;
        use DOMElement as Element;
        use Juramen\Log\Tree;
        use function Juramen\told;
        final class Form extends Tree\Inner implements \App\Shown
        {
            public function tells(?Element $at, callable $of): array { return [time(), told(new Reading($at)), $this->date(), Place::now(), namespace\LOUD]; }
        }
        PHP;
    $told = Uses::names($code, 'Juramen\Audit');
    expect($told)->toContain('DOMElement', 'Juramen\Log\Tree', 'Juramen\Log\Tree\Inner', 'App\Shown', 'time', 'Juramen\Audit\Reading', 'Juramen\Audit\Place')
        ->not->toContain('date')->not->toContain('now')->not->toContain('Juramen\Audit\tells');
});

test('everything declares strict types', function (): void {
    exec('cd '.escapeshellarg(dirname(__DIR__, 2)).' && grep -rL --include="*.php" "^declare(strict_types=1);$" core app database/demo', $loose);
    expect($loose)->toBe([]);
});

test('controllers make no queries, and views no computations', function (): void {
    $found = [];
    $computes = [
        'app/Http/Controllers' => '/::query\(\)|->newQuery\(/', 'resources/views' => '/Juramen\\\\|App\\\\Queries|array_(?:map|filter)\(|->(?:map|filter)\(/',
    ];
    foreach ($computes as $folder => $says) {
        $root = dirname(__DIR__, 2)."/$folder";
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            if (preg_match($says, (string) file_get_contents($file->getPathname())) === 1) {
                $found[] = $file->getFilename();
            }
        }
    }
    expect($found)->toBe([]);
});

/** @return list<class-string> every class, interface and enum beneath a folder, by its namespace */
function classesIn(string $folder, string $namespace): array
{
    $classes = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() === 'php') {
            $classes[] = $namespace.'\\'.strtr(substr($file->getPathname(), strlen($folder) + 1, -4), '/', '\\');
        }
    }
    sort($classes);

    return $classes;
}

function coreClasses(): array
{
    return classesIn(dirname(__DIR__, 2).'/core', 'Juramen');
}

// What crosses from class to class has a name; arrays by name stand only where JSON, a form or a table's row is read or printed.
test('no public signature takes or gives an array by name, but parsers and printers', function (): void {
    $readsOrPrints = ['from', 'parse', 'decode', 'encode', 'toArray'];
    $shapes = [];
    foreach ([...coreClasses(), ...classesIn(dirname(__DIR__, 2).'/app/Actions', 'App\Actions')] as $class) {
        foreach ((new ReflectionClass($class))->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            $own = $method->getDeclaringClass()->getName() === $class && $method->getFileName() !== false && ! str_contains($method->getFileName(), '/vendor/');
            $says = (string) $method->getDocComment();
            if ($own && ! in_array($method->getName(), $readsOrPrints, true) && preg_match('/@(?:param|return)[^@]*array(?:\{|<(?!int\b))/', $says) === 1) {
                $shapes[] = "$class::{$method->getName()}";
            }
        }
        foreach ((new ReflectionClass($class))->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            if ($property->getDeclaringClass()->getName() === $class
                && preg_match('/@var[^@]*array(?:\{|<(?!int\b))/', (string) $property->getDocComment()) === 1) {
                $shapes[] = "$class::\${$property->getName()}";
            }
        }
    }
    expect($shapes)->toBe([]);
});

test('a connection that failed is left, and never replaced: others hold it', function (): void {
    exec("grep -rlE 'DB::(purge|reconnect)[(]' ".escapeshellarg(__DIR__.'/../../app'), $replaced);
    expect($replaced)->toBe([]);
});

test('core types are immutable', function (): void {
    $builders = [
        'Juramen\Points\SlottedText', 'Juramen\Log\MemorySubtrees', 'Juramen\Log\WantedSubtrees', 'Juramen\Log\GrowingTree', 'Juramen\Canon\Merge',
        'Juramen\Consent\Members', 'Juramen\Audit\Html\HtmlReader', 'Juramen\Audit\Html\Labels', 'Juramen\Audit\Html\Page',
        'Juramen\Wording\Words\LanguageFiles', 'Juramen\Wording\Words\WordPatterns', 'Juramen\Wording\Words\Kept', 'Juramen\Wording\Frames\Understanding',
    ];
    $loose = [];
    foreach (coreClasses() as $class) {
        $type = new ReflectionClass($class);
        $plain = $type->isInterface() || $type->isEnum() || $type->isSubclassOf(Throwable::class) || $type->getProperties() === [];
        if (! $plain && ! $type->isReadOnly() && ! in_array($class, $builders, true)) {
            $loose[] = $class;
        }
    }
    expect($loose)->toBe([]);
});

test('no line is wider than 160 columns but in data, or for one text in it', function (): void {
    $root = dirname(__DIR__, 2);
    // What people wrote in several languages, a text or a form on each line.
    $data = '#^(?:resources/lang|core/Wording/(?:Starters|NoticeParagraph)|tests/Core/(?:ForeignForms|Requirements|StatementLanguages))#';
    $wide = [];
    foreach (explode("\n", trim((string) shell_exec('cd '.escapeshellarg($root).' && git ls-files "*.php" "*.mjs" "*.js" "*.css" bin'))) as $file) {
        foreach (preg_match($data, $file) === 1 ? [] : (array) file("$root/$file") as $i => $line) {
            if (mb_strlen((string) $line) <= 161) {
                continue;
            }
            preg_match_all('/\'(?:[^\'\\\\]|\\\\.)*\'|"(?:[^"\\\\]|\\\\.)*"/u', (string) $line, $texts);
            $longest = max([0, ...array_map(mb_strlen(...), $texts[0])]);
            // A text is broken too where the code that runs would be wider than 170 with it.
            $runs = preg_match('#^(?:app|core|routes|config|bin|resources)/#', $file) === 1;
            if (mb_strlen(trim((string) $line)) - $longest > 100 || ($runs && mb_strlen((string) $line) > 171)) {
                $wide[] = "$file:".($i + 1);
            }
        }
    }
    expect($wide)->toBe([]);
});

test('no file has grown past what one can hold in the head', function (): void {
    $long = [];
    foreach (['core/*/*.php', 'core/*/*/*.php', 'app/*/*.php', 'app/*/*/*.php', 'app/*/*/*/*.php', 'resources/views/*/*.php'] as $pattern) {
        foreach (glob(__DIR__.'/../../'.$pattern) as $file) {
            if (count(file($file)) > 400) {
                $long[] = $file;
            }
        }
    }
    expect($long)->toBe([]);
});

// Pest reads every file into one process: a helper written in two of them ends the whole run, but only where both are read.
test('no helper of the tests is declared twice', function (): void {
    $declared = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__), FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() === 'php') {
            preg_match_all('/^(?:function|const|class|final class) +([A-Za-z0-9_]+)/m', (string) file_get_contents($file->getPathname()), $names);
            array_push($declared, ...$names[1]);
        }
    }
    expect(array_keys(array_filter(array_count_values($declared), static fn (int $times): bool => $times > 1)))->toBe([]);
});
