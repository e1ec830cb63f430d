<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;
use Juramen\Canon\Base64Url;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/** Reads the members of an entry, each once and of one sort; what nobody asked for is a member too many. */
final class Members
{
    /** @var list<self> members that have members of their own */
    private array $within = [];

    /** @param  array<array-key, mixed>  $left  of which what was read is taken away */
    private function __construct(private array $left, private readonly int $format) {}

    /**
     * @param  array<array-key, mixed>  $members  as JSON has them
     * @param  int  $format  of the entry
     */
    public static function from(array $members, int $format): self
    {
        return new self($members, $format);
    }

    /** @throws InvalidArgumentException where it is missing or no text */
    public function text(string $name): string
    {
        $text = $this->take($name);

        return is_string($text) ? $text : throw self::missing($name);
    }

    /** @throws InvalidArgumentException where it is missing or no whole number from 1 on */
    public function number(string $name): int
    {
        $number = $this->take($name);

        return is_int($number) && $number > 0 ? $number : throw self::missing($name);
    }

    /** @throws InvalidArgumentException where it is missing or no whole number from 0 on */
    public function count(string $name): int
    {
        $number = $this->take($name);

        return is_int($number) && $number >= 0 ? $number : throw self::missing($name);
    }

    /** @throws InvalidArgumentException where it is missing or neither yes nor no */
    public function flag(string $name): bool
    {
        $flag = $this->take($name);

        return is_bool($flag) ? $flag : throw self::missing($name);
    }

    /** @throws InvalidArgumentException where it is there and neither yes nor no */
    public function flagOr(string $name, bool $else): bool
    {
        return array_key_exists($name, $this->left) ? $this->flag($name) : $else;
    }

    /** @throws InvalidArgumentException */
    public function instant(string $name): Instant
    {
        return Instant::parse($this->text($name));
    }

    /** @throws InvalidArgumentException */
    public function id(string $name): Id
    {
        return Id::fromHex($this->text($name));
    }

    /** @throws InvalidArgumentException */
    public function digest(string $name): Digest
    {
        return Digest::fromHex($this->text($name));
    }

    /** @throws InvalidArgumentException where it is anything else than null */
    public function digestOrNull(string $name): ?Digest
    {
        if (array_key_exists($name, $this->left) && $this->left[$name] === null) {
            unset($this->left[$name]);

            return null;
        }

        return $this->digest($name);
    }

    /** @throws InvalidArgumentException */
    public function language(string $name): Language
    {
        return Language::tryFrom($this->text($name)) ?? throw self::missing($name);
    }

    /** @throws InvalidArgumentException */
    public function channel(string $name): Channel
    {
        return Channel::tryFrom($this->text($name)) ?? throw self::missing($name);
    }

    /**
     * The channel whose own address was, or was not, confirmed: from format 2 on it is always said.
     *
     * @throws InvalidArgumentException
     */
    public function through(): ?Channel
    {
        return $this->format === 1 ? null : $this->channel('through');
    }

    /**
     * Which mail asked; the first, where none is said.
     *
     * @throws InvalidArgumentException where it is none that we know
     */
    public function asking(): AskedBy
    {
        return array_key_exists('asking', $this->left) ? AskedBy::tryFrom($this->text('asking')) ?? throw self::missing('asking') : AskedBy::First;
    }

    /**
     * @return list<Digest> none where there is no such member
     *
     * @throws InvalidArgumentException
     */
    public function digests(string $name): array
    {
        return array_map(
            static fn (mixed $d): Digest => Digest::fromBytes(Base64Url::decode(is_string($d) ? $d : throw self::missing($name))), $this->items($name)
        );
    }

    /**
     * @return non-empty-list<Answer> all of them yes, or all of them no
     *
     * @throws InvalidArgumentException where there is none, or one is the other
     */
    public function answers(string $name, bool $yes = true): array
    {
        $answers = array_map(Answer::from(...), $this->items($name));

        return $answers === [] || array_filter($answers, static fn (Answer $a): bool => $a->yes !== $yes) !== [] ? throw self::missing($name) : $answers;
    }

    /**
     * @return list<string> none where there is no such member
     *
     * @throws InvalidArgumentException where one is no text
     */
    public function texts(string $name): array
    {
        return array_map(static fn (mixed $text): string => is_string($text) ? $text : throw self::missing($name), $this->items($name));
    }

    /**
     * @return non-empty-list<Target>
     *
     * @throws InvalidArgumentException where there is none
     */
    public function targets(string $name): array
    {
        return array_map(Target::from(...), $this->items($name)) ?: throw self::missing($name);
    }

    /** Its members where there is such a member; null where there is none. */
    public function withinOrNone(string $name): ?self
    {
        return array_key_exists($name, $this->left) ? $this->within($name) : null;
    }

    /** @throws InvalidArgumentException where it is missing or has no members of its own */
    public function within(string $name): self
    {
        $members = $this->take($name);

        return $this->within[] = is_array($members) && ! array_is_list($members) ? new self($members, $this->format) : throw self::missing($name);
    }

    /** @throws InvalidArgumentException where there is more than was asked for, here or within */
    public function end(): void
    {
        if ($this->left !== []) {
            throw new InvalidArgumentException('An entry of its kind says nothing of: '.implode(', ', array_keys($this->left)).'.');
        }
        array_walk($this->within, static fn (self $members) => $members->end());
    }

    /** @return list<mixed> */
    private function items(string $name): array
    {
        $items = $this->take($name) ?? [];

        return is_array($items) && array_is_list($items) ? $items : throw self::missing($name);
    }

    private function take(string $name): mixed
    {
        $member = $this->left[$name] ?? null;
        unset($this->left[$name]);

        return $member;
    }

    private static function missing(string $name): InvalidArgumentException
    {
        return new InvalidArgumentException("The entry lacks \"$name\", or it is not what it should be.");
    }
}
