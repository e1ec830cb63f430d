<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use RuntimeException;

/** The page was sent before, with something else on it: a second thought, which is shown again to be sent anew. */
final class MarkAlreadySpent extends RuntimeException {}
