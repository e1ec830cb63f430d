<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Actions\Registers\BeginRecord;
use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\Edit;
use App\Models\Point;
use App\Models\RegisteredController;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Document;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Points\Field;
use Juramen\Points\FieldKinds;
use Juramen\Points\FormKind;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;

/**
 * A new signup point around a statement: its controller, its languages, the email field, and every rule of the house, so
 * that nobody forgets one. Its own words are still to be written.
 */
final class BeginPoint
{
    public function __construct(private readonly ChangeRecord $change, private readonly RegistersInForce $inForce, private readonly Append $append) {}

    /** @throws Refused where the name is no name, or taken, or the statement is none that a form can ask for */
    public function __invoke(string $name, string $statement, User $author): Point
    {
        $slug = BeginRecord::slug($name);
        $registers = $this->inForce->registers();
        $asked = $registers->statement($statement);
        $controller = $registers->purpose($asked->purpose)->controller;
        $email = FieldKinds::get('email');
        $document = Document::from([
            'point' => $slug->text, 'name' => $name, 'kind' => FormKind::Newsletter->value, 'place' => 'a place still to be named',
            'controller' => $controller->text, 'countries' => [],
            'languages' => array_map(static fn (Language $l): string => $l->value, $asked->texts->languages()), 'title' => [], 'purpose-line' => [],
            'button' => [],
            'fields' => [Field::new(Slug::parse($email->id()), $email, Edit::labels($email), true, 'what was agreed to goes there')->document()->toArray()],
            'statements' => [['id' => $asked->id->text]],
        ]);

        return $this->put($slug, $document, $controller, $author);
    }

    /**
     * A point with that sheet.
     *
     * @throws Refused where the name is taken, or the sheet is none
     */
    public function put(Slug $slug, Document $document, Slug $controller, User $author, string $said = 'began it'): Point
    {
        return DB::transaction(function () use ($slug, $document, $controller, $author, $said): Point {
            $record = $this->change->begin(RecordKind::Sheet, $slug, $document, $author, $said);

            return Point::query()->create([
                'slug' => $slug->text, 'subject' => $this->append->begin('point')->subject, 'record_id' => $record->id,
                'controller_id' => RegisteredController::query()->where('slug', $controller->text)->valueOrFail('id'),
            ]);
        }, 3);
    }
}
