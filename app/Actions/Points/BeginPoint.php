<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\InForce;
use App\Models\Controller;
use App\Models\Point;
use App\Models\RecordKind;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\FieldKind;
use Juramen\Points\FormKind;
use Juramen\Register\Language;

/**
 * A new signup point around a statement: its controller, its languages, the email field, and every rule of the house, so
 * that nobody forgets one. Its own words are still to be written.
 */
final class BeginPoint
{
    public function __construct(private readonly ChangeRecord $change, private readonly InForce $inForce, private readonly Append $append) {}

    /** @throws InvalidDocument where the name is no name, or taken, or the statement is none that a form can ask for */
    public function __invoke(string $name, string $statement, User $author): Point
    {
        $slug = Str::slug($name);
        if ($slug === '' || mb_strlen($slug) > 60) {
            throw new InvalidDocument('Give the point a name of letters and digits, at most 60 characters.');
        }
        $registers = $this->inForce->registers();
        $asked = $registers->statement($statement);
        $controller = $registers->purpose($asked->purpose)->controller;
        $email = [];
        foreach (Language::cases() as $language) {
            $email[$language->value] = (string) __('points.fields.email', [], $language->value);
        }

        return DB::transaction(function () use ($name, $slug, $asked, $controller, $email, $author): Point {
            $record = $this->change->begin(RecordKind::Sheet, $slug, [
                'point' => $slug, 'name' => $name, 'kind' => FormKind::Newsletter->value, 'place' => 'a place still to be named', 'controller' => $controller, 'countries' => [],
                'languages' => array_keys($asked->texts->toArray()), 'title' => [], 'purpose-line' => [], 'button' => [],
                'fields' => [['kind' => FieldKind::Email->value, 'label' => $email, 'required' => true, 'reason' => 'what was agreed to goes there']],
                'statements' => [['id' => $asked->id]],
            ], $author);

            return Point::query()->create([
                'slug' => $slug, 'subject' => $this->append->newSubject('point'), 'record_id' => $record->id,
                'controller_id' => Controller::query()->where('slug', $controller)->valueOrFail('id'),
            ]);
        }, 3);
    }
}
