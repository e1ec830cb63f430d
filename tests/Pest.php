<?php

declare(strict_types=1);

require_once __DIR__.'/Support/mailbox.php';
require_once __DIR__.'/Support/publishing.php';
require_once __DIR__.'/Support/writing.php';
require_once __DIR__.'/Support/ledger.php';

/** The size of what is large: the full one with bin/test --long, else a tenth of it. */
function fullSize(int $size): int
{
    return getenv('LONG') === '1' ? $size : intdiv($size, 10);
}

pest()->extend(Tests\TestCase::class)->in('Feature', 'Attack', 'Published/MailTest.php');
