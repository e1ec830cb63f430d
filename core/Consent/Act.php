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

/**
 * Something that happened to somebody's consent, or that an officer did: an entry before it has its place in the
 * chain. Made only by the named constructors, so that every kind carries what it needs.
 */
final readonly class Act
{
    /**
     * @param  list<Answer>  $answers
     * @param  list<Target>  $targets
     * @param  bool|null  $confirmationNeeded  on "given": whether permission waits for confirmation
     * @param  list<Digest>  $personal  of the disclosures that hold its personal values
     * @param  array<string, string>  $details  further facts; never personal values of subscribers
     * @param  Channel|null  $through  on "confirmed" and "lapsed": the channel that was, or was not, confirmed through its own address;
     *                                 null in entries of format 1, in which one press settled everything that was asked
     * @param  list<Digest>  $gone  on "erased": of the disclosures that were deleted
     */
    private function __construct(
        public EntryKind $kind,
        public Instant $occurred,
        public How $how,
        public ?Id $journey = null,
        public ?string $point = null,
        public ?Digest $edition = null,
        public ?Language $language = null,
        public array $answers = [],
        public array $targets = [],
        public ?bool $confirmationNeeded = null,
        public array $personal = [],
        public array $details = [],
        public ?Channel $through = null,
        public array $gone = [],
    ) {}

    /**
     * @param  string  $placement  where the person came upon the form: "page", or "copy" where somebody else had served it and
     *                             we repeated it as frozen before it was taken
     * @param  string  $screening  what screening decided: "pass", or "released" where a person let it go on
     * @param  non-empty-list<Answer>  $answers
     * @param  non-empty-list<Target>  $targets
     * @param  list<Digest>  $personal
     */
    public static function given(Instant $occurred, How $how, string $placement, string $screening, Id $journey, string $point, Digest $edition, Language $language, array $answers, array $targets, bool $confirmationNeeded, array $personal): self
    {
        return new self(EntryKind::Given, $occurred, $how, $journey, $point, $edition, $language, $answers, $targets, $confirmationNeeded, $personal, ['placement' => $placement, 'screening' => $screening]);
    }

    /** @param  Digest  $edition of the point, which froze the mail's words */
    public static function confirmationSent(Instant $occurred, Id $journey, Digest $edition, Language $language): self
    {
        return new self(EntryKind::ConfirmationSent, $occurred, How::MailAccepted, $journey, edition: $edition, language: $language);
    }

    /** @param  list<Digest>  $personal */
    public static function confirmed(Instant $occurred, Id $journey, array $personal): self
    {
        return new self(EntryKind::Confirmed, $occurred, How::LinkPage, $journey, personal: $personal, through: Channel::Email);
    }

    /** Nobody pressed the button of the mail in time: what was to be confirmed by mail ends. */
    public static function lapsed(Instant $occurred, Id $journey): self
    {
        return new self(EntryKind::Lapsed, $occurred, How::Clock, $journey, through: Channel::Email);
    }

    /** @param  non-empty-list<Target>  $targets */
    public static function withdrawn(Instant $occurred, How $how, array $targets): self
    {
        return new self(EntryKind::Withdrawn, $occurred, $how, targets: $targets);
    }

    /**
     * Personal values are deleted; the entries that carry their digests stay.
     *
     * @param  string  $why  "lapsed", "withdrawn" before it was confirmed, "retention" or "request"
     * @param  non-empty-list<Digest>  $gone  digests of the disclosures that are deleted with this entry
     */
    public static function erased(Instant $occurred, How $how, string $why, array $gone): self
    {
        return new self(EntryKind::Erased, $occurred, $how, details: ['why' => $why], gone: $gone);
    }

    public static function published(Instant $occurred, string $point, Digest $edition, string $by): self
    {
        return new self(EntryKind::Published, $occurred, How::Officer, point: $point, edition: $edition, details: ['by' => $by]);
    }

    /**
     * An officer accepts a finding for a while, with the edition that this allows. The reason is the officer's and names no subscriber.
     *
     * @param  Digest  $finding  of what was found, see Juramen\Audit\Finding; the exception holds for exactly that
     */
    public static function excepted(Instant $occurred, string $point, Digest $edition, string $requirement, string $place, Digest $finding, string $reason, string $until, string $by): self
    {
        return new self(EntryKind::Excepted, $occurred, How::Officer, point: $point, edition: $edition, details: ['requirement' => $requirement, 'place' => $place, 'finding' => $finding->hex(), 'reason' => $reason, 'until' => $until, 'by' => $by]);
    }

    /** A form is taken off the air, or put on again: no new edition, and no second person is waited for. */
    public static function paused(Instant $occurred, string $point, bool $on, string $reason, string $by): self
    {
        return new self($on ? EntryKind::Paused : EntryKind::Resumed, $occurred, How::Officer, point: $point, details: ['reason' => $reason, 'by' => $by]);
    }

    /**
     * Wording, rules or a register entry is approved.
     *
     * @param  string  $record  kind and name, such as "statement voyage-news"
     * @param  Digest  $edition  of the record
     * @param  string  $effective  the day from which it holds, like 2026-11-25
     */
    public static function approved(Instant $occurred, string $record, Digest $edition, string $effective, string $comment, string $by): self
    {
        return new self(EntryKind::Approved, $occurred, How::Officer, edition: $edition, details: ['record' => $record, 'effective' => $effective, 'comment' => $comment, 'by' => $by]);
    }

    public static function retired(Instant $occurred, string $record, string $reason, string $by): self
    {
        return new self(EntryKind::Retired, $occurred, How::Officer, details: ['record' => $record, 'reason' => $reason, 'by' => $by]);
    }

    /** @param  string  $note the signed hand-over of Juramen\Log\KeyRing */
    public static function keyRotated(Instant $occurred, string $note): self
    {
        return new self(EntryKind::KeyRotated, $occurred, How::Officer, details: ['note' => $note]);
    }

    /** @return array<string, mixed> members of the entry; what does not apply is left out */
    public function toArray(): array
    {
        $sorted = static function (array $digests): array {
            $texts = array_map(static fn (Digest $d): string => $d->base64Url(), $digests);
            sort($texts);

            return $texts;
        };

        return array_filter([
            'kind' => $this->kind->value,
            'occurred' => $this->occurred->text(),
            'how' => $this->how->value,
            'journey' => $this->journey?->hex(),
            'point' => $this->point,
            'edition' => $this->edition?->hex(),
            'language' => $this->language?->value,
            'statements' => array_map(static fn (Answer $a): array => $a->toArray(), $this->answers),
            'targets' => array_map(static fn (Target $t): array => $t->toArray(), $this->targets),
            'confirmation-needed' => $this->confirmationNeeded,
            'through' => $this->through?->value,
            '_sd' => $sorted($this->personal),
            'gone' => $sorted($this->gone),
            'details' => $this->details,
        ], static fn (mixed $member): bool => $member !== null && $member !== []);
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidArgumentException
     */
    public static function from(array $data): self
    {
        $text = static fn (string $key): ?string => is_string($data[$key] ?? null) ? $data[$key] : null;
        $list = static fn (string $key): array => is_array($data[$key] ?? null) ? array_values($data[$key]) : [];
        $digests = static fn (string $key): array => array_map(static fn (mixed $d): Digest => Digest::fromBytes(Base64Url::decode(is_string($d) ? $d : '')), $list($key));
        $needed = $data['confirmation-needed'] ?? null;

        return new self(
            EntryKind::tryFrom($text('kind') ?? '') ?? throw new InvalidArgumentException('The entry is of no kind we know.'),
            Instant::parse($text('occurred') ?? ''),
            How::tryFrom($text('how') ?? '') ?? throw new InvalidArgumentException('The entry does not say how it came about.'),
            $text('journey') === null ? null : Id::fromHex($text('journey')),
            $text('point'),
            $text('edition') === null ? null : Digest::fromHex($text('edition')),
            $text('language') === null ? null : Language::from($text('language')),
            array_map(Answer::from(...), $list('statements')),
            array_map(Target::from(...), $list('targets')),
            is_bool($needed) ? $needed : null,
            $digests('_sd'),
            array_filter(is_array($data['details'] ?? null) ? $data['details'] : [], is_string(...)),
            $text('through') === null ? null : Channel::from($text('through')),
            $digests('gone'),
        );
    }
}
