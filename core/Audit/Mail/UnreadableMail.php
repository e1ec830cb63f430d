<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

use DomainException;

/** What was given is no mail that can be read; the message says what would be right. */
final class UnreadableMail extends DomainException {}
