<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** A signal that many people share without doing anything: a network on board, a large mail service. It never weighs more than ours. */
interface Shared extends Signal {}
