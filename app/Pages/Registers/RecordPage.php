<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\ApprovedEdition;
use App\Models\Proposal;
use App\Models\Record;
use App\Models\RecordState;
use App\Models\Revision;
use App\Pages\Controls\ConflictView;
use Juramen\Canon\Document;
use Juramen\Register\RecordKind;

/** What the screen of a statement or a register's entry shows. */
final readonly class RecordPage
{
    /**
     * @param  string  $title  what the office calls it
     * @param  list<SheetUse>|null  $sheets  on which it stands; null for what stands on none
     * @param  list<RelatedGroup>  $related
     * @param  list<EditionView>  $editions  the newest first
     * @param  string  $standing  how it stands, in a few words
     * @param  string|null  $returned  why it came back, where its newest proposal did
     * @param  list<ConflictView>  $conflicts
     * @param  string  $news  what somebody else did meanwhile
     * @param  bool  $mayCopy  also where it is retired: its words may live on in another
     */
    public function __construct(
        public Record $record,
        public Revision $revision,
        public Document $document,
        public string $title,
        public bool $mayWrite,
        public bool $mayApprove,
        public JudgedRecord $judged,
        public ?array $sheets,
        public array $related,
        public array $editions,
        public ?ApprovedEdition $edition,
        public RecordState $state,
        public string $standing,
        public ?Proposal $proposal,
        public ?string $returned,
        public ?string $returnedBy,
        public bool $canUndo,
        public bool $canRedo,
        public array $conflicts = [],
        public string $news = '',
        public bool $mayCopy = false,
    ) {}

    /** An address of this record: "change", "judge", "mend", "review". */
    public function to(string $act): string
    {
        return route("records.$act", [$this->record->kind->value, $this->record->slug]);
    }

    /** Whether a sign can be put on it here: on a controller, by whoever may write it. */
    public function maySign(): bool
    {
        return $this->mayWrite && $this->record->kind === RecordKind::Controller;
    }

    public function isDestination(): bool
    {
        return $this->record->kind === RecordKind::Destination;
    }

    public function isOpen(): bool
    {
        return $this->state === RecordState::Draft || $this->state === RecordState::Submitted;
    }
}
