<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use App\Models\StatementEdition;
use App\Models\User;
use App\Support\HouseLook;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\VisitorWords;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenLanguage;
use Juramen\Points\InvalidSheet;
use Juramen\Points\PointEdition;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\InvalidRegister;
use Juramen\Register\Language;
use Juramen\Wording\Statement;

/**
 * Makes an edition of a signup point: renders its newest revision once per language, freezes those bytes and the
 * words of its mails, names everything by its SHA-256, and enters the act in the ledger.
 */
final class PublishPoint
{
    public function __construct(
        private readonly Append $append,
        private readonly PublishedForms $published,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  int|null  $looked  number of the revision that the officer has looked at; another one is not published
     *
     * @throws SheetMoved
     * @throws InvalidSheet where no form can be made of the sheet
     * @throws InvalidRegister where a text is missing in a language that the sheet offers
     */
    public function __invoke(Point $point, User $officer, ?int $looked = null): PointEdition
    {
        $edition = DB::transaction(function () use ($point, $officer, $looked): PointEdition {
            $this->append->lock($point->subject);
            $revision = $point->revisions()->orderByDesc('number')->firstOrFail();
            if ($looked !== null && $looked !== $revision->number) {
                throw new SheetMoved('The sheet was changed, or published, after you looked at it. Look at what it is now, then publish.');
            }
            $sheet = Sheet::read($revision->document);
            $edition = $this->edition($point, $sheet);
            $digest = $edition->digest();
            array_map(fn (Statement $s) => $this->keepStatement($s, $officer, $edition->published), $sheet->statements);
            $act = Act::published($edition->published, $sheet->point, $digest, "user {$officer->id}");
            EditionRow::query()->create([
                'point_id' => $point->id, 'number' => $edition->number, 'digest' => $digest, 'bytes' => $edition->bytes(),
                'published_by' => $officer->id, 'published_at' => $edition->published,
            ]);
            ($this->append)($point->subject, $act);

            return $edition;
        }, 3);
        $this->published->refresh($point->slug);

        return $edition;
    }

    private function edition(Point $point, Sheet $sheet): PointEdition
    {
        $owner = $point->controller()->firstOrFail();
        $controller = Controller::from(json_decode($owner->document, true));
        if ($sheet->point !== $point->slug || $sheet->controller !== $controller->id) {
            throw new InvalidSheet("The sheet says it is \"{$sheet->point}\" of \"{$sheet->controller}\", but it belongs to \"{$point->slug}\" of \"{$controller->id}\".");
        }
        if ($sheet->missing() !== []) {
            throw new InvalidSheet('Texts are missing: '.implode(', ', array_keys($sheet->missing())).'.');
        }
        $css = $this->freeze('text/css', HouseLook::css($controller->accent));
        $renderer = new FormRenderer($sheet, $controller, "/forms/{$sheet->point}/LANGUAGE", "/frozen/{$css->hex()}.css");

        return new PointEdition(
            $sheet,
            1 + (int) $point->editions()->max('number'),
            $this->clock->instant(),
            $controller,
            array_map(function (Language $language) use ($renderer, $css, $sheet, $controller): FrozenLanguage {
                $form = $renderer->render($language, VisitorWords::form($language));

                return new FrozenLanguage($language, $this->freeze('text/html', $form->html), $css, $form->slots, $this->mails($language, $sheet, $controller));
            }, $sheet->languages),
        );
    }

    /** Words that were never published before become the statement's next edition, approved by whoever publishes. */
    private function keepStatement(Statement $statement, User $officer, Instant $now): void
    {
        if (StatementEdition::query()->where('digest', $statement->edition()->bytes)->exists()) {
            return;
        }
        StatementEdition::query()->create([
            'statement' => $statement->id, 'number' => 1 + (int) StatementEdition::query()->where('statement', $statement->id)->max('number'),
            'digest' => $statement->edition(), 'document' => json_encode($statement->toArray(), JSON_THROW_ON_ERROR),
            'approved_by' => $officer->id, 'approved_at' => $now,
        ]);
    }

    private function freeze(string $type, string $bytes): Digest
    {
        $digest = Digest::of($bytes);
        DB::table('frozen_bytes')->insertOrIgnore(['digest' => $digest->bytes, 'type' => $type, 'bytes' => $bytes]);

        return $digest;
    }

    /** @return array<string, array<string, string>> */
    private function mails(Language $language, Sheet $sheet, Controller $controller): array
    {
        $mails = [];
        foreach (['confirmation', 'welcome'] as $kind) {
            foreach ((array) __("visitor.mail.$kind", [], $language->value) as $key => $text) {
                $mails[$kind][$key] = strtr((string) $text, [':title' => $sheet->title->in($language), ':controller' => $controller->name, ':days' => (string) $sheet->rules->lapseDays]);
            }
            $mails[$kind]['notice'] = (string) __('visitor.mail.notice', [], $language->value);
        }

        return $mails;
    }
}
