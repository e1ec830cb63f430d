<?php

declare(strict_types=1);

namespace App\Actions\Points;

use RuntimeException;

/** The sheet is no longer what somebody looked at when they decided. */
final class SheetMoved extends RuntimeException {}
