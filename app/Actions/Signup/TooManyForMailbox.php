<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use RuntimeException;

/** One mailbox was entered more often within a day than anybody enters their own. */
final class TooManyForMailbox extends RuntimeException {}
