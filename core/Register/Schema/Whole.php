<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

/** A value with places of its own within, which is written and checked as one. */
interface Whole extends ValueType {}
