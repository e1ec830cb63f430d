<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Actions\Registers\BeginRecord;
use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\Edit;
use App\Models\Point;
use App\Models\RegisteredController;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\Stored;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Document;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Points\Field;
use Juramen\Points\FieldKinds;
use Juramen\Points\PointStarters;
use Juramen\Points\StarterField;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;

/**
 * A new signup point from a starter and around a statement: its controller, its languages, fields with their reasons, words of ours to begin
 * with, and every rule of the house, so that nobody forgets one.
 */
final class BeginPoint
{
    public function __construct(private readonly ChangeRecord $change, private readonly RegistersInForce $inForce, private readonly Append $append) {}

    /**
     * @param  string  $starter  id of what it begins from
     * @param  string  $place  where it stands, in words; empty where that is still to be said
     * @param  string  $elsewhere  its address, where it lives on another system
     *
     * @throws Refused where the name is no name, or taken, the statement is none that a form can ask for, or there is no such starter
     */
    public function __invoke(string $name, string $starter, string $statement, User $author, string $elsewhere = '', string $place = ''): Point
    {
        $from = PointStarters::find($starter) ?? throw Refused::because(ActRefusal::NoStarter);
        $slug = BeginRecord::slug($name);
        $registers = $this->inForce->registers();
        $asked = $registers->statement($statement);
        $controller = $registers->purpose($asked->purpose)->controller;
        $languages = array_values(array_filter($asked->texts->languages(), $from->title->has(...)));
        $document = Document::from([
            'point' => $slug->text, 'name' => $name, 'kind' => $from->kind->value, 'place' => $place, 'controller' => $controller->text, 'countries' => [],
            'languages' => array_map(static fn (Language $l): string => $l->value, $languages),
            'title' => $from->title->only(...$languages)->toArray(), 'purpose-line' => $from->purposeLine->only(...$languages)->toArray(),
            'button' => $from->button->only(...$languages)->toArray(),
            'fields' => array_map(static fn (StarterField $f): array => self::field($f)->toArray(), $from->fields),
            'statements' => [['id' => $asked->id->text]],
            ...($from->tells ? ['recipients' => [['id' => 'recipient-1', 'address' => '', 'whole' => true]]] : []),
            ...($from->forChildren ? ['for-children' => true] : []),
            ...($elsewhere === '' ? [] : ['elsewhere' => $elsewhere]),
        ]);

        return $this->put($slug, $document, $controller, $author);
    }

    private static function field(StarterField $field): Document
    {
        $kind = FieldKinds::get($field->kind);

        return Field::new(Slug::parse($kind->id()), $kind, Edit::labels($kind), $field->required, $field->reason)->document();
    }

    /**
     * A point with that sheet.
     *
     * @throws Refused where the name is taken, or the sheet is none
     */
    public function put(Slug $slug, Document $document, Slug $controller, User $author, string $said = 'began it'): Point
    {
        $controllerId = Stored::number(RegisteredController::query()->where('slug', $controller->text)->valueOrFail('id'));
        if (! $author->worksFor($controllerId)) {
            throw Refused::because(ActRefusal::NotYourController, controller: $controller);
        }

        return DB::transaction(function () use ($slug, $document, $controllerId, $author, $said): Point {
            $record = $this->change->begin(RecordKind::Sheet, $slug, $document, $author, $said);

            return Point::query()->create([
                'slug' => $slug->text, 'subject' => $this->append->begin('point')->subject, 'record_id' => $record->id,
                'controller_id' => $controllerId,
            ]);
        }, 3);
    }
}
