<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\ActRefusal;
use App\Models\Record;
use App\Models\RegisteredController;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Juramen\Canon\Document;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\LegalBasis;
use Juramen\Register\RecordKind;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailWording;
use Juramen\Wording\Starters;

/** A new statement, purpose, controller, processor, list or destination, named by what it is called; or a mail, named by whose and which it is. */
final class BeginRecord
{
    private const ACCENT = '#0f4c5c';

    public function __construct(private readonly ChangeRecord $change, private readonly RegistersInForce $inForce) {}

    /** @throws Refused */
    public function __invoke(RecordKind $kind, User $author, NewRecord $new): Record
    {
        $slug = self::slug($new->name);

        return match ($kind) {
            RecordKind::Statement => $new->starter === '' ? $this->change->begin($kind, $slug, $this->statement($slug, $new), $author) : $this
                ->fromStarter($author, $slug, $new),
            RecordKind::Purpose => $this->change->begin($kind, $slug, Document::from([
                'id' => $slug->text, 'controller' => $this->controller($new)->id->text, 'names' => ['en' => $new->name], 'contents' => [], 'rates' => [],
                'basis' => LegalBasis::Consent->value, 'measures' => false, 'refresh-months' => 0, 'retention-months' => 36,
            ]), $author),
            RecordKind::Processor => $this->change->begin($kind, $slug, Document::from([
                'id' => $slug->text, 'name' => $new->name, 'controller' => $this->controller($new)->id->text, 'own' => false, 'purposes' => [],
                'does' => '', 'contract' => '', 'country' => '', 'transfer' => '', 'until' => '',
            ]), $author),
            RecordKind::ContactList => $this->change->begin($kind, $slug, $this->list($slug, $new), $author),
            RecordKind::Destination => $this->change->begin($kind, $slug, Document::from([
                'id' => $slug->text, 'name' => $new->name, 'controller' => $this->controller($new)->id->text, 'address' => '', 'partner' => '', 'on' => false,
                'mapping' => [],
            ]), $author),
            RecordKind::Controller => $this->beginController($author, $slug, $new),
            RecordKind::Mail => $this->mail($author, $new),
            RecordKind::Rules, RecordKind::Sheet => throw Refused::because(ActRefusal::CannotBegin),
        };
    }

    /** @throws Refused where nothing is left of the name */
    public static function slug(string $name): Slug
    {
        $slug = Str::slug($name);

        return $slug === '' || mb_strlen($slug) > Slug::LONGEST ? throw Refused::because(ActRefusal::NameNeeded, most: Slug::LONGEST) : Slug::parse($slug);
    }

    private function statement(Slug $slug, NewRecord $new): Document
    {
        $purpose = $this->inForce->registers()->purpose($new->purpose);

        return Document::from(['id' => $slug->text, 'purpose' => $purpose->id->text, 'channels' => ['email'], 'texts' => ['en' => '']]);
    }

    private function list(Slug $slug, NewRecord $new): Document
    {
        $purpose = $this->inForce->registers()->purpose($new->purpose);

        return Document::from([
            'id' => $slug->text, 'controller' => $purpose->controller->text, 'purpose' => $purpose->id->text, 'channel' => Channel::Email->value,
            'name' => $new->name, 'public-name' => [], 'confirmed' => true, 'statements' => [], 'points' => [], 'languages' => [],
        ]);
    }

    private function beginController(User $author, Slug $slug, NewRecord $new): Record
    {
        $document = Document::from([
            'id' => $slug->text, 'name' => $new->name, 'postal-address' => $new->address, 'contact' => '', 'sender' => '', 'accent' => self::ACCENT,
            'notice' => [], 'notice-text' => [], 'dpo' => '', 'representative' => '', 'country' => '',
        ]);

        return DB::transaction(function () use ($author, $slug, $document): Record {
            $record = $this->change->begin(RecordKind::Controller, $slug, $document, $author);
            RegisteredController::query()->create(['slug' => $slug->text]);

            return $record;
        }, 3);
    }

    /** One of a kind for each controller: whoever begins it again finds the one that there is. */
    private function mail(User $author, NewRecord $new): Record
    {
        $kind = MailKind::tryFrom($new->name) ?? throw Refused::because(ActRefusal::CannotBegin);
        $wording = MailWording::begin($this->controller($new)->id, $kind);

        try {
            return self::begunMail($wording->id) ?? $this->change->begin(RecordKind::Mail, $wording->id, $wording->document(), $author);
        } catch (Refused $e) {
            // Somebody else began it at the same moment.
            return self::begunMail($wording->id) ?? throw $e;
        }
    }

    /** @phpstan-impure */
    private static function begunMail(Slug $id): ?Record
    {
        return Record::query()->where('kind', RecordKind::Mail)->where('slug', $id->text)->first();
    }

    /** The purpose, where there is none of that name yet, and a statement that asks for it. */
    private function fromStarter(User $author, Slug $slug, NewRecord $new): Record
    {
        $starter = Starters::find($new->starter) ?? throw Refused::because(ActRefusal::NoStarter);
        $purpose = Slug::parse($starter->id);

        return DB::transaction(function () use ($author, $slug, $starter, $purpose, $new): Record {
            if (! Record::query()->where('kind', RecordKind::Purpose)->where('slug', $purpose->text)->exists()) {
                $this->change->begin(RecordKind::Purpose, $purpose, $starter->purpose($this->controller($new)->id), $author, 'began it from a starter');
            }

            return $this->change->begin(RecordKind::Statement, $slug, $starter->statement($slug, $purpose), $author, 'began it from a starter');
        }, 3);
    }

    private function controller(NewRecord $new): Controller
    {
        $known = $this->inForce->registers()->controllers;

        return $known->get($new->controller) ?? $known->first() ?? throw Refused::because(ActRefusal::NoController);
    }
}
