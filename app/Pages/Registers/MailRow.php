<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\RecordState;
use App\Queries\Registers\HouseMail;
use Juramen\Register\Language;

/** A mail of the house in the list of all. */
final readonly class MailRow
{
    public const COLUMNS = ['controller', 'mail', 'when', 'words', 'languages', 'points'];

    /**
     * @param  string|null  $link  to its words; null where they are ours
     * @param  string  $words  whose they are, and how they stand
     */
    private function __construct(
        public string $controller, public string $controllerId, public string $kind, public string $kindId, public string $when, public ?string $link,
        public string $words, public string $languages, public int $points
    ) {}

    public static function of(HouseMail $mail): self
    {
        $languages = $mail->wording === null ? []
            : array_map(static fn (Language $l): string => $l->endonym(), $mail->wording->languages());

        return new self(
            $mail->controller->name, $mail->controller->id->text, $mail->kind->title(), $mail->kind->value, $mail->kind->when(),
            $mail->record === null ? null : route('records.show', ['mail', $mail->record->slug]),
            $mail->record === null ? 'ours' : ($mail->wording?->edition() === null ? RecordState::Draft->value : 'its own'),
            implode(', ', $languages), $mail->points
        );
    }

    /** @return list<string> */
    public function line(): array
    {
        return [$this->controller, $this->kind, $this->when, $this->words, $this->languages, (string) $this->points];
    }
}
