<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Slug;
use Juramen\Register\Channel;
use Juramen\Wording\Statement;

/** What somebody answered to a statement. */
final readonly class Said
{
    /** @param  list<Channel>  $channels  by which it is a yes; none where it is a no */
    private function __construct(public Statement $statement, public array $channels) {}

    /**
     * What a control was answered with.
     *
     * @return self|null null where it was left alone
     */
    public static function read(Control $control, Statement $statement, Typed $typed): ?self
    {
        if ($control->kind === ControlKind::Channels) {
            $channels = array_values(array_filter($statement->channels, static fn (Channel $c): bool => $typed->in($control->box($c)) === 'yes'));

            return $channels === [] ? null : new self($statement, $channels);
        }

        return match ($typed->in($control->name())) {
            'yes' => self::yes($statement),
            'no' => $control->kind === ControlKind::YesNo ? new self($statement, []) : null,
            default => null,
        };
    }

    public static function yes(Statement $statement): self
    {
        return new self($statement, $statement->channels);
    }

    /**
     * An answer as it was kept.
     *
     * @param  list<Channel>  $channels
     */
    public static function kept(Statement $statement, array $channels): self
    {
        return new self($statement, $channels);
    }

    public function isYes(): bool
    {
        return $this->channels !== [];
    }

    public function by(Channel $channel): bool
    {
        return in_array($channel, $this->channels, true);
    }

    /** Whether anything of it reaches people by their number. */
    public function byNumber(): bool
    {
        return array_filter($this->channels, static fn (Channel $c): bool => $c->isByNumber()) !== [];
    }

    public function id(): Slug
    {
        return $this->statement->id;
    }

    /** @return list<string> ids of the inputs that stand chosen where it is the answer */
    public function inputs(Control $control): array
    {
        return match ($control->kind) {
            ControlKind::Channels => array_map($control->box(...), $this->channels),
            default => [$this->isYes() ? $control->name() : $control->no()],
        };
    }
}
