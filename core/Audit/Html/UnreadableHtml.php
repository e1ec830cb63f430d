<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use InvalidArgumentException;

/** Bytes that cannot be read as HTML. */
final class UnreadableHtml extends InvalidArgumentException {}
