<?php

declare(strict_types=1);

require_once __DIR__.'/Support/mailbox.php';
require_once __DIR__.'/Support/publishing.php';
require_once __DIR__.'/Support/writing.php';
require_once __DIR__.'/Support/ledger.php';

pest()->extend(Tests\TestCase::class)->in('Feature', 'Attack', 'Published/MailTest.php');
