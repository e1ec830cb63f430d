<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\InvalidDocument;

/** A sheet's document that no form can be made of. The message says where and what would be right. */
final class InvalidSheet extends InvalidDocument {}
