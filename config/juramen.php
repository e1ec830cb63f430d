<?php

declare(strict_types=1);

use App\Support\SystemClock;

// Names the code and words that judge and compute, so that nothing of an older state is taken for theirs.
$release = static function (): string {
    $state = [];
    foreach ([base_path('core'), base_path('resources/lang')] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $state[] = $file->getPathname().$file->getMTime().$file->getSize();
        }
    }
    sort($state);

    return hash('xxh128', implode("\n", $state));
};

return [
    'release' => $release(),
    // Proxies that may say from where, by which host and how a request came: addresses or networks, comma between.
    'proxies' => env('TRUSTED_PROXIES', ''),
    // Other names under which it may be asked for, besides that of APP_URL; comma between.
    'hosts' => env('TRUSTED_HOSTS', ''),
    // The zone in which the office reads and writes times; entries are always in UTC.
    'timezone' => env('OFFICE_TIMEZONE', SystemClock::OFFICE),
    // The schema of the ledger, beside the application's own on the same server.
    'ledger_schema' => env('DB_LEDGER', env('DB_DATABASE', 'juramen').'_ledger'),
    // Names this ledger in checkpoints; never changes once entries are sealed.
    'ledger_origin' => env('LEDGER_ORIGIN', 'juramen.tidewick.example/ledger'),
    // Keys and the pepper: outside the database, readable by the application's user only.
    'keys' => env('KEYS_PATH', storage_path('../keys')),
    // Names this machine's journal beside the keys, which machines share.
    'machine' => preg_replace('/[^A-Za-z0-9-]/', '-', (string) env('MACHINE', gethostname() ?: 'machine')),
    // Copies of published forms beside the database, so that a page is served without it.
    'published' => env('PUBLISHED_PATH', storage_path('published')),
    // What is counted of forms, until the scheduler has added it up.
    'flow' => env('FLOW_PATH', storage_path('flow')),
    'screening' => [
        'least_seconds' => (int) env('SCREENING_LEAST_SECONDS', 2),
        // Seconds for which a decision about what was held can be undone; then it is carried out.
        'undo_seconds' => (int) env('HELD_UNDO_SECONDS', 120),
        'most_for_address' => (int) env('SCREENING_MOST_FOR_ADDRESS', 5),
        // Domains of addresses to throw away; taken up by screening:domains.
        'throw_away' => env('THROW_AWAY_PATH', storage_path('screening/throw-away.txt')),
    ],
    // The mailbox stand-in's own address; unset where mail goes to a real server.
    'mailbox_url' => (string) env('MAILBOX_URL'),
    // Whoever carries messages to numbers; unset where nobody does, and then numbers wait to be confirmed until their days are over.
    'sms' => ['url' => (string) env('SMS_URL'), 'key' => (string) env('SMS_KEY')],
    'outgoing' => [
        // Hosts that stand-ins play, each with where it really stands: "lists.example=http://127.0.0.1:8103"; comma between.
        'stand_ins' => (string) env('STAND_INS'),
        // A file that answers for the name servers; unset where the machine's own are asked.
        'zone' => (string) env('ZONE_FILE'),
    ],
    'mail' => [
        'host' => env('MAIL_HOST', '127.0.0.1'),
        'port' => (int) env('MAIL_PORT', 25),
        // From whom mails to those who work here come.
        'from' => env('MAIL_FROM', 'juramen@tidewick.example'),
        'user' => env('MAIL_USER'),
        'password' => env('MAIL_PASSWORD'),
        // From where mails that came back may be handed over: addresses or networks, comma between.
        'returns_from' => (string) env('MAIL_RETURNS_FROM', '127.0.0.1,::1'),
        // Seconds for each step of the SMTP exchange.
        'timeout' => (int) env('MAIL_TIMEOUT', 10),
        // Seconds after which a claim without outcome counts as uncertain; more than any exchange can last.
        'claim_seconds' => (int) env('MAIL_CLAIM_SECONDS', 90),
    ],
];
