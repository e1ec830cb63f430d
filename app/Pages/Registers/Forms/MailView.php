<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use Juramen\Register\Language;

/** How the proof of a mail is looked at. */
final readonly class MailView
{
    /** What may have been typed as a name: a name, nothing, and what somebody typed who wanted to have it sent to others. */
    public const NAMES = ['given' => 'Hanne', 'none' => '', 'odd' => 'Click here now! www.prize.example'];

    /** @param  Language|null  $language  null where none was chosen */
    public function __construct(
        public ?Language $language = null, public bool $desktop = false, public bool $dark = false, public bool $text = false, public string $name = 'given'
    ) {}

    /** @param  array<array-key, mixed>  $query  of an address */
    public static function from(array $query): self
    {
        $name = $query['typed'] ?? '';

        return new self(
            Language::tryFrom(is_string($query['shown'] ?? null) ? $query['shown'] : ''), ($query['width'] ?? '') === 'desktop', ($query['dark'] ?? '') === '1',
            ($query['text'] ?? '') === '1', is_string($name) && isset(self::NAMES[$name]) ? $name : 'given'
        );
    }

    public function typed(): string
    {
        return self::NAMES[$this->name];
    }

    public function width(): string
    {
        return $this->desktop ? 'desktop' : 'phone';
    }

    /**
     * As an address says it, with something of it changed.
     *
     * @param  array<string, string>  $changed
     * @return array<string, string>
     */
    public function query(array $changed = []): array
    {
        return array_filter([
            'shown' => $this->language->value ?? '', 'width' => $this->desktop ? 'desktop' : '', 'dark' => $this->dark ? '1' : '',
            'text' => $this->text ? '1' : '', 'typed' => $this->name === 'given' ? '' : $this->name, ...$changed,
        ], static fn (string $value): bool => $value !== '');
    }
}
