<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

/** What became of one try to deliver something. */
final readonly class Outcome
{
    private const NO_SUCH_MAILBOX = 'no-such-mailbox';

    /**
     * @param  string|null  $problem a short code, never words of a server that may repeat an address
     * @param  string|null  $says what the other side said of it, one of a closed set of its handler's
     */
    private function __construct(public OutcomeKind $kind, public ?string $problem = null, public ?string $says = null) {}

    public static function accepted(?string $says = null): self
    {
        return new self(OutcomeKind::Accepted, says: $says);
    }

    public static function notNow(string $problem): self
    {
        return new self(OutcomeKind::NotNow, $problem);
    }

    public static function faulty(string $problem): self
    {
        return new self(OutcomeKind::Faulty, $problem);
    }

    public static function refused(string $problem): self
    {
        return new self(OutcomeKind::Refused, $problem);
    }

    /** Refused for its address: there is no such mailbox, and there will be none. */
    public static function returned(): self
    {
        return new self(OutcomeKind::Refused, self::NO_SUCH_MAILBOX);
    }

    public static function unknown(string $problem): self
    {
        return new self(OutcomeKind::Unknown, $problem);
    }

    public function isReturned(): bool
    {
        return $this->problem === self::NO_SUCH_MAILBOX;
    }

    public function isAccepted(): bool
    {
        return $this->kind === OutcomeKind::Accepted;
    }
}
