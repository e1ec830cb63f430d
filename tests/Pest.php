<?php

declare(strict_types=1);

/* Each of several processes has a database and a mailbox stand-in of its own, which bin/test prepared. */
if (getenv('TEST_TOKEN') !== false) {
    $of = (int) getenv('TEST_TOKEN');
    foreach (['DB_DATABASE' => "juramen_test_$of", 'MAIL_PORT' => (string) ((int) getenv('TEST_MAIL_PORT') + 2 * $of)] as $name => $value) {
        putenv("$name=$value");
        $_ENV[$name] = $_SERVER[$name] = $value;
    }
}

require_once __DIR__.'/Support/mailbox.php';
require_once __DIR__.'/Support/publishing.php';
require_once __DIR__.'/Support/writing.php';
require_once __DIR__.'/Support/ledger.php';
require_once __DIR__.'/Support/pace.php';

/** The size of what is large: the full one with bin/test --long, else a tenth of it. */
function fullSize(int $size): int
{
    return getenv('LONG') === '1' ? $size : intdiv($size, 10);
}

pest()->extend(Tests\TestCase::class)->in('Feature', 'Attack', 'Published/MailTest.php');
// What needs a database, which a quick run has none of; figures of time take long, too.
pest()->group('instance')->in('Feature', 'Attack', 'Published/MailTest.php', 'Published/TextModelTest.php', 'Core/ScreeningTest.php', 'Core/TextModelTest.php');
pest()->group('pace')->in('Core/AuditPaceTest.php');
