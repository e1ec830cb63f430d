<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Point;
use App\Models\Revision;
use App\Models\User;
use App\Pages\Controls\Adding;
use App\Pages\Controls\Choice;
use App\Pages\Controls\ConflictView;
use App\Pages\Controls\Line;
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
use App\Support\Moments;
use App\Support\VisitorWords;
use Illuminate\Support\Facades\Cache;
use Juramen\Audit\Finding;
use Juramen\Audit\Judgement;
use Juramen\Canon\Conflict;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Slug;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldKinds;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormKind;
use Juramen\Points\FormRenderer;
use Juramen\Points\Registers;
use Juramen\Points\Sentences;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDraft;
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
    /** Seconds for which what is being typed is kept for its proof. */
    private const PROOF_KEPT = 900;

    private const NUMBERS_WAIT = 'What is agreed to by SMS, phone or messaging waits until the number itself is confirmed;'
        .' there is no way to do that yet, so it is not permitted, and it does not lapse.';

    public function __construct(
        private readonly Judgements $judgements,
        private readonly RegistersInForce $inForce,
        private readonly Exceptions $exceptions,
    ) {}

    /** @param  list<Conflict>  $conflicts */
    public function of(Point $point, Revision $revision, User $user, ?Language $shown, string $width, array $conflicts = [], string $news = ''): SheetPage
    {
        $registers = $this->inForce->registers();
        $sheet = $registers->complete(SheetDraft::from($revision->document));
        $shown = $sheet->draft->languageFor($shown);
        $may = $user->can('change', Point::class);
        $margin = $this->margin($point, $sheet, $this->judgements->ofSheet($sheet, $registers), $may);
        $history = $point->record->history();
        $edition = $point->editions()->orderByDesc('number')->first();
        $draft = $sheet->draft;
        $countries = array_map(static fn (Country $c): string => $c->name(), $draft->countries);
        $languages = array_map(static fn (Language $l): string => $l->endonym(), $draft->languages);

        return new SheetPage(
            $point, $revision, $draft->name, $may, $user->can('publish', Point::class), $shown->value, $shown->endonym(),
            new Line('name', 'What it is called here', $draft->name), new Line('place', 'Where it stands', $draft->place),
            new Choice('kind', 'Kind of form', Option::all(self::kinds(), [$draft->kind->value])), rtrim($registers->controller($draft->controller)->name, '.'),
            new Several('countries', 'Countries', $countries === [] ? 'nobody knows where' : Sentences::listed($countries), self::countries($draft->countries)),
            new Several('languages', 'Languages', Sentences::listed($languages), self::languages($draft->languages)),
            $this->fields($draft, $margin), $this->addField(), $this->statements($sheet, $margin, $may), $this->addStatement($draft, $registers),
            self::confirmation($sheet), $margin->at('rules/double-opt-in'), array_map(self::unreachable(...), $sheet->unreachable()),
            array_map(static fn (AppliedRule $a): RuleRow => RuleRow::of($a), $registers->applied($draft)), self::words($draft, $margin),
            $draft->notice !== null, $margin,
            $revision->saved_at->utc->setTimezone(Moments::zone())->format('H:i'), $edition?->number,
            $edition !== null && $edition->edition()->shows($sheet, $registers->controller($draft->controller)),
            $point->record->openProposal() !== null, $history->undo() !== null,
            $history->redo() !== null,
            ...$this->proofOf($point, $draft, $shown, $width), conflicts: ConflictView::all(RecordKind::Sheet, $conflicts), news: $news,
        );
    }

    /** What stands around the fields while somebody types: notes, underlines and the proof of what is not saved. */
    public function typed(Point $point, Document $document, User $user, ?Language $shown, string $width): TypedPage
    {
        $registers = $this->inForce->registers();
        $sheet = $registers->complete(SheetDraft::from($document));
        $margin = $this->margin($point, $sheet, $this->judgements->ofTyped($sheet, $registers), $user->can('change', Point::class));
        $proof = $this->proofOf($point, $sheet->draft, $sheet->draft->languageFor($shown), $width);

        return new TypedPage(
            $point, $margin, self::words($sheet->draft, $margin), $sheet->draft->languageFor($shown)->endonym(), $proof['languages'], $proof['widths'],
            $proof['width'], $proof['proof']
        );
    }

    /**
     * The form as it would be frozen, with a stand-in for what is not written yet; of the draft that its proof was promised of, or of the newest revision
     * where that is no longer kept.
     */
    public function proof(Point $point, string $name, ?Language $language): string
    {
        $json = Cache::get("proof:$name");
        $kept = is_string($json) ? Document::parse($json) : null;
        $document = $kept !== null && $kept->text('point') === $point->slug ? $kept : $point->record->newest?->document;
        $registers = $this->inForce->registers();
        $sheet = $registers->complete(SheetDraft::from($document ?? Document::from([])))->filled();
        $controller = $registers->controller($sheet->draft->controller);
        $language = $sheet->draft->languageFor($language);

        return (
            new FormRenderer($sheet, $controller, '/LANGUAGE', route('look', $controller->id->text, false))
        )->render($language, VisitorWords::form($language))->html;
    }

    private function margin(Point $point, Sheet $sheet, Judgement $judgement, bool $may): Margin
    {
        return new Margin(
            $judgement, count($sheet->draft->languages), $may,
            $this->exceptions->covering($point, Finding::all($sheet->document(), $judgement->notes)),
            Answers::onSheet($sheet, $this->inForce->registers())
        );
    }

    /** @return array{languages: list<Tab>, widths: list<Tab>, width: string, proof: string} */
    private function proofOf(Point $point, SheetDraft $draft, Language $shown, string $width): array
    {
        $json = $draft->document()->json();
        $name = Digest::of($json)->hex();
        Cache::put("proof:$name", $json, self::PROOF_KEPT);
        $width = $width === 'desktop' ? 'desktop' : 'phone';
        $to = static fn (string $language, string $wide): string => route('points.sheet', [$point->slug, 'shown' => $language, 'width' => $wide]);

        return [
            'languages' => array_map(static fn (Language $l): Tab => new Tab($l->endonym(), $to($l->value, $width), $l === $shown), $draft->languages),
            'widths' => array_map(static fn (string $w): Tab => new Tab(ucfirst($w), $to($shown->value, $w), $w === $width), ['phone', 'desktop']),
            'width' => $width,
            'proof' => route('points.proof', [$point->slug, $shown->value, $name]),
        ];
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

    /** @return list<FieldRow> */
    private function fields(SheetDraft $draft, Margin $margin): array
    {
        $rows = [];
        foreach ($draft->fields as $i => $field) {
            $place = "fields/{$field->id}";
            // The second of a kind is called so.
            $nth = count(array_filter(array_slice($draft->fields, 0, $i), static fn (Field $f): bool => $f->kind->id() === $field->kind->id())) + 1;
            $name = self::nameOf($field->kind).($nth === 1 ? '' : " $nth");
            $isEmail = $field->kind->meaning() === FieldMeaning::Email;
            $rows[] = new FieldRow(
                $place, ucfirst($name), $margin->at($place, "$place/label"),
                $isEmail ? null : new Choice(
                    "$place/kind", "Kind of field of $name", Option::all(array_map(ucfirst(...), self::otherKinds()), [$field->kind->id()])
                ),
                $isEmail ? null : Choice::yesNo("$place/required", "Must $name be given?", $field->required, 'required', 'optional'),
                new Line("$place/reason", "Why $name is asked", $field->reason, 'no reason given'),
                [
                    ...Press::forItem($place, $name, $i === 0, $i === count($draft->fields) - 1, null),
                    ...($isEmail ? [] : [
                        new Press(PlaceId::of($place).'-copy', $place, 'Copy', "Ask for $name once more", 'copy'),
                        new Press(PlaceId::of($place).'-remove', $place, 'Remove', "Remove $name", 'remove'),
                    ]),
                ],
                array_map(static fn (Language $l): FieldTexts => new FieldTexts(
                    $l->endonym(), new Line("$place/label/{$l->value}", "Label of $name in {$l->endonym()}", $field->label->orNothing($l), 'no label'),
                    new Line("$place/help/{$l->value}", "Help for $name in {$l->endonym()}", $field->help->orNothing($l), 'no help', needed: false),
                ), $draft->languages),
                $field->kind->offersOptions() ? self::answers($field, $name, $draft->languages) : [],
                $field->kind->offersOptions() ? new Press(PlaceId::of($place).'-another', "$place/options", 'Offer another answer',
                    "Offer another answer to $name", 'add', 'answer') : null,
            );
        }

        return $rows;
    }

    /**
     * @param  list<Language>  $languages
     * @return list<AnswerRow>
     */
    private static function answers(Field $field, string $name, array $languages): array
    {
        $rows = [];
        foreach ($field->options as $i => $option) {
            $place = "fields/{$field->id}/options/{$option->id}";
            $number = $i + 1;
            $rows[] = new AnswerRow(
                $place,
                array_map(static fn (Language $l): Line => new Line(
                    "$place/label/{$l->value}", "Answer $number to $name in {$l->endonym()}", $option->label->orNothing($l), "in {$l->endonym()}"
                ), $languages),
                Press::forItem($place, "answer $number to $name", $i === 0, $i === count($field->options) - 1, 'Remove'),
            );
        }

        return $rows;
    }

    private function addField(): Adding
    {
        return new Adding('fields', 'field', self::otherKinds());
    }

    /** @return array<string, string> every kind but the address, of which a form has one */
    private static function otherKinds(): array
    {
        $kinds = array_filter(FieldKinds::all(), static fn (FieldKind $k): bool => $k->meaning() !== FieldMeaning::Email);

        return array_combine(array_map(static fn (FieldKind $k): string => $k->id(), $kinds), array_map(self::nameOf(...), $kinds));
    }

    private static function nameOf(FieldKind $kind): string
    {
        return mb_strtolower((string) __("office.field-kinds.{$kind->id()}", [], 'en'));
    }

    /** @return list<StatementRow> */
    private function statements(Sheet $sheet, Margin $margin, bool $may): array
    {
        $rows = [];
        foreach ($sheet->statements as $i => $statement) {
            $place = "statements/{$statement->id}";
            $rows[] = new StatementRow(
                $place, $this->inForce->nameOfStatement($statement->id), $statement->purpose->spoken(),
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

    private function addStatement(SheetDraft $draft, Registers $registers): ?Adding
    {
        $others = array_values(array_diff(
            array_map(static fn (Statement $s): string => $s->id->text, $registers->statements->all()), array_map(strval(...), $draft->statements),
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
