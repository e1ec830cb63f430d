<?php

declare(strict_types=1);

require_once __DIR__.'/Support/mailbox.php';
require_once __DIR__.'/Support/publishing.php';

pest()->extend(Tests\TestCase::class)->in('Feature', 'Attack', 'Published/MailTest.php');
