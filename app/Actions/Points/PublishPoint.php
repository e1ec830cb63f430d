<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use App\Models\Record;
use App\Models\Role;
use App\Models\User;
use App\Support\HouseLook;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\VisitorWords;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Finding;
use Juramen\Canon\Digest;
use Juramen\Canon\InvalidDocument;
use Juramen\Consent\Act;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenLanguage;
use Juramen\Points\PointEdition;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;

/**
 * The one way in which a signup point gets an edition, whoever asks: reviewed again inside the transaction, refused where it is
 * not what was looked at, where nothing differs, where a breach is not excepted or words are not approved, and where
 * four eyes are demanded and two of them are the writer's. Then it is rendered once per language, those bytes and the words
 * of its mails are frozen, everything is named by its SHA-256, and the act is entered in the ledger.
 */
final class PublishPoint
{
    public function __construct(
        private readonly Append $append,
        private readonly ReviewPublication $review,
        private readonly ExceptFindings $except,
        private readonly PublishedForms $published,
        private readonly SystemClock $clock,
    ) {}

    /**
     * Publishes the newest revision of the sheet.
     *
     * @param  string  $looked  names what the officer has looked at, see Publication::looked(); anything else is not published
     * @param  array<string, ExceptionDraft>  $exceptions  by the finding's key; entered only together with the edition
     *
     * @throws PublicationRefused
     * @throws InvalidDocument where no form can be made of the sheet
     */
    public function __invoke(Point $point, User $officer, string $looked, array $exceptions = []): PointEdition
    {
        return $this->publish($point, $officer, $looked, $exceptions, fn (): Publication => $this->review->newest($point));
    }

    /**
     * Publishes what is in force once more, with the registers as they are now; what was drafted since stays a draft.
     *
     * @throws PublicationRefused
     * @throws InvalidDocument
     */
    public function again(Point $point, User $officer, string $looked): PointEdition
    {
        return $this->publish($point, $officer, $looked, [], fn (): Publication => $this->review->again(
            EditionRow::query()->with('point.record')->where('point_id', $point->id)->orderByDesc('number')->first() ?? throw new PublicationRefused('It was never published; publish its sheet first.'),
        ));
    }

    /**
     * @param  array<string, ExceptionDraft>  $exceptions
     * @param  callable(): Publication  $review
     */
    private function publish(Point $point, User $officer, string $looked, array $exceptions, callable $review): PointEdition
    {
        $edition = DB::transaction(function () use ($point, $officer, $looked, $exceptions, $review): PointEdition {
            $this->append->lock($point->subject);
            Record::query()->whereKey($point->record_id)->lockForUpdate()->exists();
            $publication = $review();
            $excepted = $this->admit($publication, $officer, $looked, $exceptions);
            $edition = $this->edition($publication);
            $digest = $edition->digest();
            EditionRow::query()->create([
                'point_id' => $point->id, 'number' => $edition->number, 'digest' => $digest, 'bytes' => $edition->bytes(),
                'revision' => $publication->revision->number, 'published_by' => $officer->id, 'published_at' => $edition->published,
            ]);
            // What was paused for its words is on the air again with new ones.
            Point::query()->whereKey($point->id)->update(['paused_at' => null]);
            ($this->append)($point->subject, Act::published($edition->published, $point->slug, $digest, "user {$officer->id}"));
            $this->except->enter($publication, $digest, $officer, $excepted, $exceptions);

            return $edition;
        }, 3);
        DB::afterCommit(fn () => $this->published->refresh($point->slug));

        return $edition;
    }

    /**
     * The gate.
     *
     * @param  array<string, ExceptionDraft>  $exceptions
     * @return array<string, Finding> breaches that are excepted with it
     */
    private function admit(Publication $publication, User $officer, string $looked, array $exceptions): array
    {
        if ($officer->role !== Role::Officer) {
            throw new PublicationRefused('Officers publish; you can submit what you drafted.');
        }
        if (! hash_equals($publication->looked(), $looked)) {
            throw new PublicationRefused('It is not what you looked at any more: the sheet or the registers were changed, or it was published, after that. Look at what it is now, then publish.');
        }
        if (! $publication->differs()) {
            throw new PublicationRefused('There is nothing to publish: visitors see exactly this already.');
        }
        $excepted = $this->except->admit($publication, $exceptions);
        $left = array_diff_key($publication->uncovered(), $excepted);
        $stops = [
            ...$publication->stops(),
            ...array_values(array_map(static fn (Finding $f): string => "A breach stops it ({$f->requirement->id()}): {$f->notes[0]->result->says}", $left)),
            ...array_filter([$publication->keepsOut($officer)]),
        ];
        if ($stops !== []) {
            throw new PublicationRefused(implode(' ', $stops));
        }

        return $excepted;
    }

    private function edition(Publication $publication): PointEdition
    {
        [$sheet, $controller] = [$publication->sheet, $publication->controller];
        $css = $this->freeze('text/css', HouseLook::css($controller->accent));
        $renderer = new FormRenderer($sheet, $controller, "/forms/{$sheet->point}/LANGUAGE", "/frozen/{$css->hex()}.css");

        return new PointEdition(
            $sheet,
            $publication->number(),
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
