<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Actions\Registers\InForce;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use App\Models\Record;
use App\Models\User;
use App\Support\HouseLook;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\VisitorWords;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
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
 * Makes an edition of a signup point: makes a revision of its sheet whole by the registers in force, renders it once per
 * language, freezes those bytes and the words of its mails, names everything by its SHA-256, and enters the act in the ledger.
 */
final class PublishPoint
{
    public function __construct(
        private readonly Append $append,
        private readonly InForce $inForce,
        private readonly PublishedForms $published,
        private readonly SystemClock $clock,
    ) {}

    /**
     * Publishes the newest revision.
     *
     * @param  int|null  $looked  number of the revision that the officer has looked at; another one is not published
     *
     * @throws SheetMoved
     * @throws InvalidSheet where no form can be made of the sheet
     * @throws InvalidRegister where a text is missing in a language that the sheet offers
     */
    public function __invoke(Point $point, User $officer, ?int $looked = null): PointEdition
    {
        return $this->publish($point, $officer, function (Record $record) use ($looked): int {
            $newest = (int) $record->revisions()->max('number');

            return $looked === null || $looked === $newest ? $newest
                : throw new SheetMoved('The sheet was changed, or published, after you looked at it. Look at what it is now, then publish.');
        });
    }

    /** Publishes what is in force once more, with the registers as they are now; what was drafted since stays a draft. */
    public function again(Point $point, User $officer): PointEdition
    {
        return $this->publish($point, $officer, static fn (): int => $point->editions()->orderByDesc('number')->firstOrFail()->revision);
    }

    /** @param  callable(Record): int  $which number of the revision to be published */
    private function publish(Point $point, User $officer, callable $which): PointEdition
    {
        $edition = DB::transaction(function () use ($point, $officer, $which): PointEdition {
            $this->append->lock($point->subject);
            $record = Record::query()->lockForUpdate()->findOrFail($point->record_id);
            $revision = $record->revisions()->where('number', $which($record))->firstOrFail();
            $edition = $this->edition($point, $revision->document);
            $digest = $edition->digest();
            EditionRow::query()->create([
                'point_id' => $point->id, 'number' => $edition->number, 'digest' => $digest, 'bytes' => $edition->bytes(),
                'revision' => $revision->number, 'published_by' => $officer->id, 'published_at' => $edition->published,
            ]);
            ($this->append)($point->subject, Act::published($edition->published, $point->slug, $digest, "user {$officer->id}"));

            return $edition;
        }, 3);
        DB::afterCommit(fn () => $this->published->refresh($point->slug));

        return $edition;
    }

    /** @param  array<string, mixed>  $document */
    private function edition(Point $point, array $document): PointEdition
    {
        $registers = $this->inForce->registers();
        $sheet = Sheet::read($registers->complete($document));
        $controller = $registers->controller($point->controller()->firstOrFail()->slug);
        if ($sheet->point !== $point->slug || $sheet->controller !== $controller->id) {
            throw new InvalidSheet("The sheet says it is \"{$sheet->point}\" of \"{$sheet->controller}\", but it belongs to \"{$point->slug}\" of \"{$controller->id}\".");
        }
        if ($sheet->missing() !== []) {
            throw new InvalidSheet('Texts are missing: '.implode(', ', array_keys($sheet->missing())).'.');
        }
        $unapproved = array_filter($sheet->statements, static fn (Statement $s): bool => ! $s->isApproved());
        if ($unapproved !== []) {
            throw new InvalidSheet('Nobody has approved the words of '.implode(', ', array_map(static fn (Statement $s): string => $s->id, $unapproved)).'.');
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
        foreach (['confirmation', ...($sheet->rules->reminderDays > 0 ? ['reminder'] : []), 'welcome'] as $kind) {
            foreach ((array) __("visitor.mail.$kind", [], $language->value) as $key => $text) {
                $mails[$kind][$key] = strtr((string) $text, [':title' => $sheet->title->in($language), ':controller' => $controller->name, ':days' => (string) $sheet->rules->lapseDays]);
            }
            $mails[$kind]['notice'] = (string) __('visitor.mail.notice', [], $language->value);
        }

        return $mails;
    }
}
