<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Actions\Screening\TrialVisitor;
use App\Actions\Signup\Faults;
use App\Models\Point;
use App\Models\Revision;
use App\Models\User;
use App\Pages\Controls\Adding;
use App\Pages\Controls\Choice;
use App\Pages\Controls\ConflictView;
use App\Pages\Controls\Line;
use App\Pages\Controls\LookForm;
use App\Pages\Controls\Option;
use App\Pages\Controls\PlaceId;
use App\Pages\Controls\Press;
use App\Pages\Controls\Several;
use App\Pages\Controls\Tab;
use App\Pages\Controls\Words;
use App\Pages\Notes\Answers;
use App\Pages\Notes\Margin;
use App\Queries\Points\Exceptions;
use App\Queries\Points\Judgements;
use App\Queries\Registers\RegistersInForce;
use App\Support\DraftProof;
use App\Support\Moments;
use App\Support\SystemClock;
use App\Support\TrialLink;
use App\Support\VisitorWords;
use Juramen\Audit\Finding;
use Juramen\Audit\Judgement;
use Juramen\Canon\Conflict;
use Juramen\Canon\Document;
use Juramen\Canon\MacRing;
use Juramen\Canon\Place;
use Juramen\Canon\Slug;
use Juramen\Points\Control;
use Juramen\Points\ControlKind;
use Juramen\Points\DeadLink;
use Juramen\Points\Field;
use Juramen\Points\FieldMessage;
use Juramen\Points\Filling;
use Juramen\Points\FormKind;
use Juramen\Points\FormRenderer;
use Juramen\Points\LaidPage;
use Juramen\Points\Registers;
use Juramen\Points\Sentences;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDraft;
use Juramen\Points\ToDo;
use Juramen\Points\Typed;
use Juramen\Points\Unreachable;
use Juramen\Register\AppliedRule;
use Juramen\Register\Channel;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Juramen\Register\PointRules;
use Juramen\Register\RecordKind;
use Juramen\Register\Rule;
use Juramen\Register\Texts;
use Juramen\Wording\Statement;

/** Brings together what the screen of a sheet shows: the sheet, its proof, its notes, its rules, and where its history stands. */
final class ShowSheet
{
    private const NUMBERS_WAIT = 'What is agreed to by SMS, phone or messaging waits until the number itself is confirmed;'
        .' a message to it has a link, and the page behind that a button. It has as many days as a mail.';

    public function __construct(
        private readonly Judgements $judgements,
        private readonly RegistersInForce $inForce,
        private readonly Exceptions $exceptions,
        private readonly WhereItLeads $leads,
        private readonly MacRing $keys,
        private readonly SystemClock $clock,
    ) {}

    /** @param  list<Conflict>  $conflicts */
    public function of(Point $point, Revision $revision, User $user, ProofView $view, array $conflicts = [], string $news = ''): SheetPage
    {
        $registers = $this->inForce->registers();
        $sheet = $registers->complete(SheetDraft::from($revision->document));
        $placing = new ShowPlacing($sheet->draft, $sheet->layout(), $sheet->draft->languages[0] ?? Language::English);
        $fields = new ShowFields($sheet->draft, $placing);
        $may = $user->can('change', $point);
        $margin = $this->margin($point, $sheet, $this->judgements->ofSheet($sheet, $registers), $may);
        $history = $point->record->history();
        $edition = $point->editions()->orderByDesc('number')->first();
        $draft = $sheet->draft;
        $countries = array_map(static fn (Country $c): string => $c->name(), $draft->countries);
        $languages = array_map(static fn (Language $l): string => $l->endonym(), $draft->languages);

        return new SheetPage(
            $point, $revision, $draft->name, $may, $user->can('publish', Point::class),
            new Line('name', 'What it is called here', $draft->name), new Line('place', 'Where it stands', $draft->place, 'a place still to be named'),
            new Line('opens', 'First day', $draft->opening->first->text ?? '', type: 'date', needed: false),
            new Line('closes', 'Last day', $draft->opening->last->text ?? '', type: 'date', needed: false),
            Choice::yesNo('for-children', 'Is it aimed at children?', $draft->forChildren, 'It is aimed at children', 'It is not aimed at children'),
            new Choice('kind', 'Kind of form', Option::all(self::kinds(), [$draft->kind->value])), rtrim($registers->controller($draft->controller)->name, '.'),
            new Several('countries', 'Countries', $countries === [] ? 'nobody knows where' : Sentences::listed($countries), self::countries($draft->countries)),
            new Several('languages', 'Languages', Sentences::listed($languages), self::languages($draft->languages)),
            $fields->rows($margin), ShowFields::another(), $placing->pages(), $placing->anotherPage(), $placing->progress(),
            $this->statements($sheet, $margin, $may, $placing), $this->addStatement($draft, $registers),
            self::confirmation($sheet), $margin->at('rules/double-opt-in'), [
                ...array_map(self::unreachable(...), $sheet->unreachable()), ...array_map(self::deadLink(...), $sheet->deadLinks()),
                ...array_map(static fn (ToDo $each): string => $each->says, $sheet->toDo()),
                ...($sheet->unaddressed() === [] ? [] : ['A recipient has no address yet. It cannot be published so.']),
            ],
            array_map(static fn (AppliedRule $a): RuleRow => RuleRow::of($a), $registers->applied($draft)), self::words($draft, $margin),
            $draft->notice !== null, GiftForm::of($draft, $sheet->rules->giftWithout),
            AfterForm::of($sheet, $registers->house->hosts()), SecondForm::of($draft, $margin), $this->leads->of($sheet),
            $draft->kind->servesSomethingElse() ? $placing->acknowledges() : null, $placing->recipients(),
            $placing->anotherRecipient(),
            LookForm::of(
                $sheet->look($registers->controller($draft->controller)), 'look/accent', $draft->lookAsWritten()->members() !== [], self::shows($draft)
            ),
            $draft->kind === FormKind::PrizeDraw, $margin,
            $revision->saved_at->utc->setTimezone(Moments::zone())->format('H:i'), $edition?->number,
            $edition !== null && $edition->edition()->shows($sheet, $registers->controller($draft->controller)),
            $point->record->openProposal() !== null, $history->undo() !== null,
            $history->redo() !== null,
            $this->proofOf($point, $sheet, $view), ConflictView::all(RecordKind::Sheet, $conflicts), $news,
        );
    }

    /** What stands around the fields while somebody types: notes, underlines and the proof of what is not saved. */
    public function typed(Point $point, Document $document, User $user, ProofView $view): TypedPage
    {
        $registers = $this->inForce->registers();
        $sheet = $registers->complete(SheetDraft::from($document));
        $margin = $this->margin($point, $sheet, $this->judgements->ofTyped($sheet, $registers), $user->can('change', $point));

        return new TypedPage(
            $point, $margin, self::words($sheet->draft, $margin), AfterForm::of($sheet, $registers->house->hosts()), SecondForm::of($sheet->draft, $margin),
            $this->proofOf($point, $sheet, $view), array_map(static fn (Field $f): FieldMarks => FieldMarks::of($f, $margin), $sheet->draft->fields)
        );
    }

    /**
     * A page of the form as it would be frozen, with a stand-in for what is not written yet; of the draft that its proof was promised of, or of
     * the newest revision where that is no longer kept.
     */
    public function proof(Point $point, string $name, ProofView $view): string
    {
        $kept = DraftProof::find($name);
        $document = $kept !== null && $kept->text('point') === $point->slug ? $kept : $point->record->newest?->document;
        $registers = $this->inForce->registers();
        $sheet = $registers->complete(SheetDraft::from($document ?? Document::from([])))->filled();
        $controller = $registers->controller($sheet->draft->controller);
        $language = $sheet->draft->languageFor($view->language);
        $look = route('look', [$controller->id->text, ...($kept === null ? [] : ['draft' => $name]), ...($view->dark ? ['dark' => '1'] : [])], false);
        $shown = $view->second ? $sheet->second() : $sheet;
        $pages = (new FormRenderer($shown, $controller, '/LANGUAGE', $look))->pages($language, VisitorWords::form($language));

        $form = $pages[$view->page - 1] ?? $pages[0];

        return $view->wrong ? $form->with(self::wrongly($sheet, $language, $view->page)->pieces()) : $form->html;
    }

    /** A page of the form as somebody sees it who sent it empty. */
    private static function wrongly(Sheet $sheet, Language $language, int $page): Filling
    {
        $layout = $sheet->layout();
        $laid = $layout->pages[$page - 1] ?? $layout->pages[0];
        $faults = Faults::of($sheet, $layout, new Typed([], $language, (new SystemClock)->today(), $sheet->draft->countries));

        return new Filling(
            errors: array_values(array_filter($faults, static fn (FieldMessage $m): bool => $laid->has($m->name))),
            heading: (string) __('visitor.again.errors', [], $language->value)
        );
    }

    private function margin(Point $point, Sheet $sheet, Judgement $judgement, bool $may): Margin
    {
        return new Margin(
            $judgement, count($sheet->draft->languages), $may,
            $this->exceptions->covering($point, Finding::all($sheet->document(), $judgement->notes)),
            Answers::onSheet($sheet, $this->inForce->registers())
        );
    }

    private function proofOf(Point $point, Sheet $sheet, ProofView $view): Proof
    {
        $draft = $sheet->draft;
        $name = DraftProof::keep($draft->document());
        $pages = $sheet->layout()->pages;
        $shown = $draft->languageFor($view->language);
        $view = $view->in($shown)->at(min($view->page, count($pages)))->second($view->second && $draft->differsIn($shown));
        $tab = static fn (string $text, ProofView $other): Tab => new Tab(
            $text, route('points.sheet', [$point->slug, ...$other->query()]), $other->query() === $view->query()
        );

        return new Proof(
            $shown->value, $shown->endonym(), $view, array_map(static fn (Language $l): Tab => $tab($l->endonym(), $view->in($l)), $draft->languages),
            [$tab('Phone', $view->wide(false)), $tab('Desktop', $view->wide(true))],
            [$tab('Plain', $view->wrong(false)), $tab('With errors', $view->wrong(true))],
            [$tab('Day', $view->dark(false)), $tab('Dark', $view->dark(true))],
            ! $draft->differsIn($shown) ? [] : [$tab('First version', $view->second(false)), $tab('Second version', $view->second(true))],
            count($pages) < 2 ? [] : array_map(static fn (LaidPage $p): Tab => $tab((string) $p->number, $view->at($p->number)), $pages),
            route('points.proof', [$point->slug, $shown->value, $name, ...$view->ofForm()]), array_map(fn (TrialVisitor $as): Tab => new Tab(
                $as->says(), route('trial', [TrialLink::to($point->id, $this->clock->instant(), $this->keys), $as->value, $shown->value]), false
            ), TrialVisitor::cases()),
        );
    }

    /** @return array<string, string> */
    private static function kinds(): array
    {
        $kinds = [];
        foreach (FormKind::cases() as $kind) {
            $kinds[$kind->value] = (in_array($kind->value[0], ['a', 'o'], true) ? 'an ' : 'a ').str_replace('-', ' ', $kind->value).' form';
        }

        return $kinds;
    }

    /**
     * @param  list<Country>  $chosen
     * @return list<Option>
     */
    private static function countries(array $chosen): array
    {
        return array_map(
            static fn (Country $c): Option => new Option($c->code, $c->name(), array_filter($chosen, $c->equals(...)) !== []), Country::choices($chosen)
        );
    }

    /**
     * @param  list<Language>  $chosen
     * @return list<Option>
     */
    private static function languages(array $chosen): array
    {
        return array_map(static fn (Language $l): Option => new Option($l->value, $l->endonym(), in_array($l, $chosen, true)), Language::cases());
    }

    /** @return list<StatementRow> */
    private function statements(Sheet $sheet, Margin $margin, bool $may, ShowPlacing $placing): array
    {
        $rows = [];
        foreach ($sheet->statements as $i => $statement) {
            $place = "statements/{$statement->id}";
            $control = $sheet->draft->control($statement->id) ?? Control::tick($statement->id);
            $name = str_replace('-', ' ', $statement->id->text);
            $rows[] = new StatementRow(
                $place, self::control($control, $place, $name), $control->kind === ControlKind::YesNo
                    ? Choice::yesNo(
                        "$place/needed", "Must $name be answered?", $control->needed, 'an answer is needed, and no will do', 'it may stay unanswered'
                    )
                    : null,
                $placing->of($control, $place, $name), $this->inForce->nameOfStatement($statement->id), $statement->purpose->spoken(),
                Sentences::listed(array_map(static fn (Channel $c): string => $c->value, $statement->channels)),
                route('records.show', ['statement', $statement->id->text]), $margin->at($place, "$place/texts"),
                $may ? Press::forItem(
                    $place, $statement->id->text, $i === 0, $i === count($sheet->statements) - 1, count($sheet->statements) > 1 ? 'Take off' : null
                ) : [],
                array_map(static fn (Language $l): ReadWords => new ReadWords($l->value, $l->endonym(), $statement->texts->has($l)
                    ? $margin->underlined(
                        $statement->words($l), Place::of('statements', $statement->id, 'texts', $l->value)
                    ) : null), $sheet->draft->languages),
            );
        }

        return $rows;
    }

    private static function control(Control $control, string $place, string $name): Choice
    {
        $kinds = array_combine(
            array_map(static fn (ControlKind $k): string => $k->value, ControlKind::cases()),
            array_map(static fn (ControlKind $k): string => ucfirst($k->says()), ControlKind::cases())
        );

        return new Choice("$place/control", "How $name is answered", Option::all($kinds, [$control->kind->value]));
    }

    private function addStatement(SheetDraft $draft, Registers $registers): ?Adding
    {
        $others = array_values(array_diff(
            array_map(static fn (Statement $s): string => $s->id->text, $registers->statements->all()),
            array_map(static fn (Control $c): string => $c->statement->text, $draft->controls),
        ));

        return $others === [] ? null : new Adding('statements', 'statement', array_combine($others, array_map(
            fn (string $id): string => $this->inForce->nameOfStatement(Slug::parse($id)), $others
        )));
    }

    /** @return list<string> */
    private static function confirmation(Sheet $sheet): array
    {
        $rules = $sheet->rules;

        return [
            ($rules->doubleOptIn ? 'Whoever ticks gets a confirmation mail and has '.Rule::LapseDays->says($rules->lapseDays).' to press its button; we send '
                .Rule::ReminderDays->says($rules->reminderDays)
                    .'. Otherwise the address is deleted.' : 'Whoever ticks is signed up at once, and nobody confirms the address.'),
            self::kept($rules),
            ...($sheet->asksByNumber() ? [self::NUMBERS_WAIT] : []),
        ];
    }

    private static function kept(PointRules $rules): string
    {
        return ucfirst(Rule::KeepNetwork->says($rules->keepNetwork)).'; '.Rule::Screening->says($rules->screening).'.';
    }

    private static function unreachable(Unreachable $each): string
    {
        $channels = Sentences::listed(array_map(static fn (Channel $c): string => $c->value, $each->channels));

        return "{$each->statement} asks by $channels, and no field of this form takes what is reached by it. It cannot be published so.";
    }

    /** @return list<Line> what the image above the form shows */
    private static function shows(SheetDraft $draft): array
    {
        $alt = Texts::from($draft->lookAsWritten()->at('alt'));

        return $draft->look->picture === null ? [] : array_map(static fn (Language $l): Line => new Line(
            "look/alt/{$l->value}", "What the image shows in {$l->endonym()}", $alt->orNothing($l), "nothing that matters, in {$l->endonym()}", needed: false
        ), $draft->languages);
    }

    private static function deadLink(DeadLink $link): string
    {
        return "The link to the document that {$link->field} accepts leads nowhere in {$link->language->endonym()}"
            .($link->address === '' ? '' : ": “{$link->address}”").'. It cannot be published so.';
    }

    /** @return list<WordsGroup> */
    private static function words(SheetDraft $draft, Margin $margin): array
    {
        $group = static fn (string $place, string $what, Texts $texts, string $in = ''): WordsGroup => new WordsGroup(
            PlaceId::of($place), $margin->at($place), array_map(static fn (Language $l): Words => new Words(
                "$place/{$l->value}", "$what, {$l->endonym()}", $texts->orNothing($l), $in ?: $l->value,
                $margin->underlined($texts->orNothing($l), Place::of($place, $l->value)),
            ), $draft->languages),
        );

        return [
            $group('title', 'Title', $draft->title), $group('purpose-line', 'Line under it', $draft->purposeLine), $group('button', 'Button', $draft->button),
            ...($draft->notice === null ? [] : [$group('notice', 'Link to the privacy notice', $draft->notice, 'en')]),
        ];
    }
}
