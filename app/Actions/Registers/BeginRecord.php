<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Models\Controller;
use App\Models\Record;
use App\Models\RecordKind;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Juramen\Canon\InvalidDocument;
use Juramen\Register\LegalBasis;
use Juramen\Wording\Starters;

/** A new statement, purpose, controller or processor, named by what it is called. */
final class BeginRecord
{
    public function __construct(private readonly ChangeRecord $change, private readonly InForce $inForce) {}

    /**
     * @param  array<string, string>  $given  "name"; of a controller its postal "address"; of a statement also "purpose", or "starter" and "controller"
     *
     * @throws InvalidDocument
     */
    public function __invoke(RecordKind $kind, User $author, array $given): Record
    {
        $name = $given['name'] ?? '';
        $slug = Str::slug($name);
        if ($slug === '' || mb_strlen($slug) > 60) {
            throw new InvalidDocument('Give it a name of letters and digits, at most 60 characters.');
        }
        $controller = $kind === RecordKind::Controller ? '' : $this->controller($given);

        return match ($kind) {
            RecordKind::Statement => ($given['starter'] ?? '') !== '' ? $this->fromStarter($author, $slug, $given['starter'], $controller)
                : $this->change->begin($kind, $slug, ['id' => $slug, 'purpose' => $this->inForce->registers()->purpose($given['purpose'] ?? '')->id, 'channels' => ['email'], 'texts' => ['en' => '']], $author),
            RecordKind::Purpose => $this->change->begin($kind, $slug, [
                'id' => $slug, 'controller' => $controller, 'names' => ['en' => $name], 'contents' => [], 'rates' => [],
                'basis' => LegalBasis::Consent->value, 'measures' => false, 'refresh-months' => 0, 'retention-months' => 36,
            ], $author),
            RecordKind::Processor => $this->change->begin($kind, $slug, [
                'id' => $slug, 'name' => $name, 'controller' => $controller, 'own' => false, 'purposes' => [], 'does' => '', 'contract' => '', 'country' => '', 'transfer' => '', 'until' => '',
            ], $author),
            RecordKind::Controller => $this->controllerOf($author, $slug, $name, $given),
            RecordKind::Rules, RecordKind::Sheet => throw new InvalidDocument('This cannot be begun here.'),
        };
    }

    /** @param  array<string, string>  $given */
    private function controllerOf(User $author, string $slug, string $name, array $given): Record
    {
        return DB::transaction(function () use ($author, $slug, $name, $given): Record {
            $record = $this->change->begin(RecordKind::Controller, $slug, [
                'id' => $slug, 'name' => $name, 'postal-address' => $given['address'] ?? '', 'contact' => '', 'sender' => '', 'accent' => '#0f4c5c', 'notice' => [], 'notice-text' => [], 'dpo' => '', 'representative' => '', 'country' => '',
            ], $author);
            Controller::query()->create(['slug' => $slug]);

            return $record;
        }, 3);
    }

    /** The purpose, where there is none of that name yet, and a statement that asks for it. */
    private function fromStarter(User $author, string $slug, string $starter, string $controller): Record
    {
        $found = Starters::find($starter) ?? throw new InvalidDocument('There is no such starter.');

        return DB::transaction(function () use ($author, $slug, $found, $controller): Record {
            $purpose = Record::query()->where('kind', RecordKind::Purpose)->where('slug', $found->id)->exists() ? $found->id
                : $this->change->begin(RecordKind::Purpose, $found->id, $found->purpose($controller), $author, 'began it from a starter')->slug;

            return $this->change->begin(RecordKind::Statement, $slug, $found->statement($slug, $purpose), $author, 'began it from a starter');
        });
    }

    /** @param  array<string, string>  $given */
    private function controller(array $given): string
    {
        $known = $this->inForce->registers()->controllers;
        $id = $given['controller'] ?? '';

        return isset($known[$id]) ? $id : ((string) array_key_first($known) ?: throw new InvalidDocument('There is no controller yet.'));
    }
}
