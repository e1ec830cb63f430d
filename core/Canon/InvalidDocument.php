<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;

/** A document that is not what it should be, or has no such place. The message says what was wrong and what would be right. */
class InvalidDocument extends InvalidArgumentException {}
