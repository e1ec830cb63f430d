<?php

declare(strict_types=1);

require_once __DIR__.'/Support/mailbox.php';

pest()->extend(Tests\TestCase::class)->in('Feature', 'Published/MailTest.php');
