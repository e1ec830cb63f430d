<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use RuntimeException;

/** An approval or retirement that cannot be; the message says why and what to do. */
final class Refused extends RuntimeException {}
