<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use RuntimeException;

/** The ledger is not the one that was sealed before; sealing on would fork it. */
final class SealingRefused extends RuntimeException {}
