<?php

declare(strict_types=1);

/*
 * Measures two running instances side by side, one with few people and one with many, and prints a table. Called by bin/bench with
 * the home, address and number of people of each.
 */

use Bench\Instance;
use Bench\Load;
use Bench\Sample;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Masterminds\HTML5;
use Tests\Core\ForeignForms;

define('ROOT', dirname(__DIR__, 3));
require ROOT.'/vendor/autoload.php';
foreach (['Instance', 'Sample', 'Load'] as $class) {
    require __DIR__."/$class.php";
}
[$json, $rounds, $seconds] = [in_array('--json', $argv, true), (int) $argv[1], (int) $argv[2]];
$instances = [new Instance($argv[3], $argv[4], (int) $argv[5]), new Instance($argv[6], $argv[7], (int) $argv[8])];
$say = static fn (string $text) => fwrite(STDERR, "$text\n");
/** @var list<array{work: string, people: int, ours: string, theirs: string, ratio: Sample, goal: string, met: bool|null}> $lines */
$lines = [];

/* Requests: the form and the sign-up beside the route that only says ok. */
$load = new Load($seconds);
$rates = [];
for ($round = 1; $round <= $rounds; $round++) {
    foreach ($instances as $i => $instance) {
        $say("Round $round of $rounds, ".number_format($instance->people).' people: requests');
        file_put_contents("$instance->home/run/bench.bodies", (string) shell_exec(
            'JURAMEN_HOME='.escapeshellarg($instance->home).' php '.__DIR__.'/marks.php '.(400 * $seconds)
        ));
        $order = ['bare', 'form', 'signup'];
        foreach ($round % 2 === 1 ? $order : array_reverse($order) as $side) {
            $rates[$i][$side][] = match ($side) {
                'bare' => $load->get($instance, '/up'),
                'form' => $load->get($instance, '/forms/footer-newsletter/en'),
                'signup' => $load->signUps($instance, "$instance->home/run/bench.bodies"),
            };
        }
    }
}
$perSecond = static fn (array $values): string => number_format(Sample::of($values)->median()).' a second';
foreach ($instances as $i => $instance) {
    foreach (['form' => ['public form page', 0.7], 'signup' => ['sign-up accepted, durable', 0.25]] as $side => [$work, $goal]) {
        $ratio = Sample::ratios($rates[$i][$side], $rates[$i]['bare']);
        $lines[] = [
            'work' => $work, 'people' => $instance->people, 'ours' => $perSecond($rates[$i][$side]), 'theirs' => $perSecond($rates[$i]['bare']).', only "ok"',
            'ratio' => $ratio, 'goal' => "at least $goal", 'met' => $ratio->median() >= $goal,
        ];
    }
}

/* Verifying: each pass beside reading and hashing the same bodies once. */
foreach ($instances as $instance) {
    // The scheduler is held: what was signed up in the rounds before is sealed first.
    $instance->artisan('ledger:seal');
    $passes = $bare = [];
    $entries = 0;
    for ($round = 1; $round <= ($instance->people > 50_000 ? min(3, $rounds) : $rounds); $round++) {
        $say("Round $round, ".number_format($instance->people).' people: verifying');
        $database = $instance->database();
        $began = hrtime(true);
        for ($from = 0, $read = -1; $read !== 0; $from += 5000) {
            $rows = $database->query("SELECT body FROM juramen_ledger.entries WHERE position > $from AND position <= $from + 5000 ORDER BY position");
            for ($read = 0; is_array($row = $rows->fetch(PDO::FETCH_NUM)); $read++) {
                hash('sha256', $row[0], true);
            }
        }
        $bare[] = (hrtime(true) - $began) / 1e9;
        $said = json_decode($instance->artisan('ledger:verify', '--json'), true, flags: JSON_THROW_ON_ERROR);
        if ($said['faults'] !== []) {
            throw new RuntimeException('The ledger does not verify: '.json_encode($said['faults']));
        }
        $entries = $said['entries'];
        foreach (array_slice($said['passes'], 0, 2) as $number => $pass) {
            $passes[$number][] = $pass['seconds'];
        }
    }
    foreach (['verifying: bytes, tree, checkpoints' => 'at least 0.4', 'verifying: meaning, values, permissions' => 'printed'] as $work => $goal) {
        $mine = $passes[$goal === 'printed' ? 1 : 0];
        $each = static fn (array $s): string => sprintf('%.1f µs an entry', Sample::of($s)->median() / max(1, $entries) * 1e6);
        $ratio = Sample::ratios($bare, $mine);
        $lines[] = [
            'work' => $work, 'people' => $instance->people, 'ours' => $each($mine), 'theirs' => $each($bare).', read and hashed', 'ratio' => $ratio,
            'goal' => $goal, 'met' => $goal === 'printed' ? null : $ratio->median() >= 0.4,
        ];
    }
}

/* Auditing foreign forms beside only parsing them. */
require_once ROOT.'/tests/Core/ForeignForms.php';
$pages = array_column(ForeignForms::all(), 0);
$audit = $parse = [];
for ($round = 1; $round <= $rounds; $round++) {
    $say("Round $round of $rounds: auditing");
    foreach ($round % 2 === 1 ? ['audit', 'parse'] : ['parse', 'audit'] as $side) {
        $began = hrtime(true);
        for ($again = 0; $again < 20; $again++) {
            foreach ($pages as $html) {
                if ($side === 'parse') {
                    (new HTML5(['disable_html_ns' => true]))->loadHTML($html);

                    continue;
                }
                foreach (HtmlReader::read($html, 'https://shop.example/') as $reading) {
                    Requirements::judge($reading);
                }
            }
        }
        ${$side}[] = (hrtime(true) - $began) / 1e6 / 20 / count($pages);
    }
}
$ratio = Sample::ratios($audit, $parse);
$lines[] = [
    'work' => 'auditing a foreign form', 'people' => 0, 'ours' => sprintf('%.1f ms', Sample::of($audit)->median()),
    'theirs' => sprintf('%.1f ms, parsed', Sample::of($parse)->median()), 'ratio' => $ratio, 'goal' => 'at most 3', 'met' => $ratio->median() <= 3,
];

/* Pages of the office: the slow ones of many requests, with many people beside few. */
array_map(static fn (Instance $i) => $i->signIn(), $instances);
$person = static fn (Instance $i): string => bin2hex((string) $i->database()->query('SELECT subject FROM subscribers ORDER BY id LIMIT 1')->fetchColumn());
$office = [
    '/desk', '/points', '/points/footer-newsletter', '/wording', '/wording/registers', '/evidence/signups', '/evidence/PERSON', '/mails?state=sent', '/held',
];
foreach ($office as $page) {
    $say("Page $page");
    $slow = [];
    for ($round = 1; $round <= $rounds; $round++) {
        foreach ($round % 2 === 1 ? [0, 1] : [1, 0] as $i) {
            $path = str_replace('PERSON', $person($instances[$i]), $page);
            $instances[$i]->get($path);
            $slow[$i][] = Sample::of(array_map(static fn (): float => 1000 * $instances[$i]->get($path)[1], range(1, 20)))->at(0.95);
        }
    }
    $ratio = Sample::ratios($slow[1], $slow[0]);
    $lines[] = [
        'work' => "office page $page, p95", 'people' => $instances[1]->people, 'ours' => sprintf('%.0f ms', Sample::of($slow[1])->median()),
        'theirs' => sprintf('%.0f ms with %s people', Sample::of($slow[0])->median(), number_format($instances[0]->people)), 'ratio' => $ratio,
        'goal' => 'at most 2', 'met' => $ratio->median() <= 2,
    ];
}

/* What a visitor's browser loads. */
$form = $instances[0]->get('/forms/footer-newsletter/en')[0];
preg_match_all('/(?:href|src)="([^"]+\.(?:css|js))"/', $form, $loads);
$bytes = strlen((string) gzencode($form));
foreach ($loads[1] as $path) {
    $bytes += strlen((string) gzencode($instances[0]->get((string) parse_url($path, PHP_URL_PATH))[0]));
}
$lines[] = [
    'work' => 'public form with its style, over the wire', 'people' => 0, 'ours' => sprintf('%.1f kB', $bytes / 1000), 'theirs' => '',
    'ratio' => Sample::of([$bytes / 1000]), 'goal' => 'under 30 kB', 'met' => $bytes < 30_000,
];

if ($json) {
    $plain = array_map(static fn (array $l): array => [...$l, 'ratio' => $l['ratio']->median(), 'rounds' => $l['ratio']->values], $lines);
    echo json_encode($plain, JSON_PRETTY_PRINT), "\n";
    exit(0);
}
echo "| work | people | ours | beside | ratio: median (least to most) | goal | met |\n|---|---|---|---|---|---|---|\n";
foreach ($lines as $line) {
    $ratio = $line['theirs'] === '' ? '' : sprintf('%.2f (%.2f to %.2f)', $line['ratio']->median(), $line['ratio']->least(), $line['ratio']->most());
    $people = $line['people'] === 0 ? '' : number_format($line['people']);
    $met = match ($line['met']) {
        true => 'yes',
        false => '**no**',
        null => '',
    };
    echo "| {$line['work']} | $people | {$line['ours']} | {$line['theirs']} | $ratio | {$line['goal']} | $met |\n";
}
