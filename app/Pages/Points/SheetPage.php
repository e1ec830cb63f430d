<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Point;
use App\Models\Revision;
use App\Pages\Controls\Adding;
use App\Pages\Controls\Choice;
use App\Pages\Controls\ConflictView;
use App\Pages\Controls\Line;
use App\Pages\Controls\LookForm;
use App\Pages\Controls\Press;
use App\Pages\Controls\Several;
use App\Pages\Notes\Margin;
use App\Pages\Notes\NoteView;

/** What the screen of a sheet shows. */
final readonly class SheetPage
{
    /**
     * @param  bool  $may  whether whoever looks may change it
     * @param  list<FieldRow>  $fields
     * @param  list<StatementRow>  $statements
     * @param  list<PageRow>  $pages  none where it is one page
     * @param  list<string>  $confirmation  sentences on how it is confirmed
     * @param  list<NoteView>  $confirmationMarks
     * @param  list<string>  $toDo  what keeps it from being published, each in a sentence
     * @param  list<RuleRow>  $rules
     * @param  list<WordsGroup>  $words
     * @param  Choice|null  $acknowledges  null where the form serves nothing but consent
     * @param  list<LeadLine>  $leads  where a yes leads
     * @param  list<RecipientRow>  $recipients
     * @param  bool  $draws  whether a winner is drawn of what is sent
     * @param  int|null  $edition  number of the one in force
     * @param  bool  $isPublished  whether visitors see exactly this
     * @param  bool  $isHandedOver  whether it waits for an officer's decision
     * @param  list<ConflictView>  $conflicts
     * @param  string  $news  what somebody else did meanwhile
     */
    public function __construct(
        public Point $point,
        public Revision $revision,
        public string $name,
        public bool $may,
        public bool $mayPublish,
        public Line $called,
        public Line $place,
        public Line $opens,
        public Line $closes,
        public Choice $forChildren,
        public Choice $kind,
        public string $controller,
        public Several $countries,
        public Several $offered,
        public array $fields,
        public Adding $addField,
        public array $pages,
        public Press $anotherPage,
        public ?Choice $progress,
        public array $statements,
        public ?Adding $addStatement,
        public array $confirmation,
        public array $confirmationMarks,
        public array $toDo,
        public array $rules,
        public array $words,
        public bool $ownNotice,
        public GiftForm $gift,
        public AfterForm $after,
        public SecondForm $second,
        public array $leads,
        public ?Choice $acknowledges,
        public array $recipients,
        public Press $anotherRecipient,
        public LookForm $look,
        public bool $draws,
        public Margin $margin,
        public string $saved,
        public ?int $edition,
        public bool $isPublished,
        public bool $isHandedOver,
        public bool $canUndo,
        public bool $canRedo,
        public Proof $proof,
        public array $conflicts = [],
        public string $news = '',
    ) {}

    /** @return list<FieldMarks> */
    public function fieldMarks(): array
    {
        return array_map(static fn (FieldRow $row): FieldMarks => $row->marks, $this->fields);
    }

    /** An address of this point: "change", "judge", "mend", "undo". */
    public function to(string $act): string
    {
        return route("points.$act", $this->point->slug);
    }
}
