<?php

declare(strict_types=1);

namespace App\Pages\Notes;

use App\Models\AnswerKind;
use Juramen\Wording\Difference;

/** A note as it stands in the margin. */
final readonly class NoteView
{
    /**
     * @param  string  $verdict  its shape: "breach", "weakness", "open"
     * @param  string  $word  its verdict in words
     * @param  string  $source  of the requirement
     * @param  string  $requirement  its id
     * @param  string  $languages  those in which it holds; empty where it holds in all
     * @param  string|null  $excepted  who accepted it, until when and why
     * @param  string|null  $mend  what a button does that mends it; null where none can
     * @param  Difference|null  $becomes  what it would make of the words
     * @param  string  $mendValues  what goes with that button's request, as JSON
     * @param  string  $at  id of the control whose words or choice it speaks of
     * @param  string|null  $advice  what would be right, where no button mends it
     * @param  string|null  $inOrder  who said, and when, that what it asks is in order
     * @param  string|null  $readWrongly  who said, and when, that the sentence was read wrongly
     * @param  bool  $canBeAnswered  whether whoever looks may say that it is in order
     * @param  string|null  $sentence  digest of the sentence of which whoever looks may say something; null where nothing may be said
     * @param  string|null  $words  address at which the words it speaks of can be changed
     */
    public function __construct(
        public int $number,
        public string $verdict,
        public string $word,
        public string $says,
        public string $source,
        public string $requirement,
        public string $languages,
        public ?string $excepted,
        public ?string $mend,
        public ?Difference $becomes,
        public string $mendValues,
        public string $at,
        public ?string $advice,
        public ?string $inOrder,
        public ?string $readWrongly,
        public bool $canBeAnswered,
        public ?string $sentence,
        public ?string $words,
    ) {}

    /** What goes with a request that says something to it, or takes it back where it is said already, as JSON. */
    public function saying(AnswerKind $kind): string
    {
        $back = ($kind === AnswerKind::InOrder ? $this->inOrder : $this->readWrongly) !== null;

        return (string) json_encode([
            ...(array) json_decode($this->mendValues, true), 'sentence' => $this->sentence, 'says' => $kind->value, 'back' => (int) $back,
        ]);
    }
}
