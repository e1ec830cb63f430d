<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\InvalidDocument;

/** A controller, purpose or rule that cannot be as it was given. */
final class InvalidRegister extends InvalidDocument {}
