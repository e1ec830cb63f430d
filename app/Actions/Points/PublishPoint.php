<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Record;
use App\Models\Role;
use App\Models\User;
use App\Support\HouseLook;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\VisitorWords;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Finding;
use Juramen\Canon\ById;
use Juramen\Canon\Refused;
use Juramen\Consent\Act;
use Juramen\Consent\Acts\Published;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenForm;
use Juramen\Points\FrozenLanguage;
use Juramen\Points\FrozenMail;
use Juramen\Points\FrozenPage;
use Juramen\Points\FrozenWords;
use Juramen\Points\PointEdition;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\Statement;

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
     * @param  list<ExceptionDraft>  $exceptions  entered only together with the edition
     *
     * @throws Refused
     */
    public function __invoke(Point $point, User $officer, string $looked, array $exceptions = []): PointEdition
    {
        return $this->publish($point, $officer, $looked, $exceptions, fn (): Publication => $this->review->newest($point));
    }

    /**
     * Publishes what is in force once more, with the registers as they are now; what was drafted since stays a draft.
     *
     * @throws Refused
     */
    public function again(Point $point, User $officer, string $looked): PointEdition
    {
        return $this->publish($point, $officer, $looked, [], fn (): Publication => $this->review->again(
            $point->editions()->orderByDesc('number')->first()?->setRelation('point', $point) ?? throw Refused::because(ActRefusal::NeverPublished),
        ));
    }

    /**
     * @param  list<ExceptionDraft>  $exceptions
     * @param  callable(): Publication  $review
     */
    private function publish(Point $point, User $officer, string $looked, array $exceptions, callable $review): PointEdition
    {
        $edition = DB::transaction(function () use ($point, $officer, $looked, $exceptions, $review): PointEdition {
            $this->append->lock($point->subject);
            Record::query()->whereKey($point->record_id)->lockForUpdate()->exists();
            $publication = $review();
            $admitted = $this->admit($publication, $officer, $looked, $exceptions);
            $edition = $this->edition($publication);
            $row = PublishedEdition::query()->create([
                'point_id' => $point->id, 'number' => $edition->number, 'digest' => $edition->digest(), 'bytes' => $edition->bytes,
                'revision' => $publication->revision, 'published_by' => $officer->id, 'published_at' => $edition->published,
            ]);
            DB::table('edition_statements')->insert(
                array_map(static fn (Statement $s): array => ['point_edition_id' => $row->id, 'statement' => $s->edition()->bytes], $edition->sheet->statements)
            );
            // What was paused for its words is on the air again with new ones.
            Point::query()->whereKey($point->id)->update(['paused_at' => null]);
            ($this->append)($point->subject, new Published($edition->published, $point->slug, $edition->digest(), $officer->named()));
            $this->except->enter($publication, $edition->digest(), $officer, $admitted);

            return $edition;
        }, 3);
        DB::afterCommit(fn () => $this->published->refresh($point->slug));

        return $edition;
    }

    /**
     * The gate.
     *
     * @param  list<ExceptionDraft>  $exceptions
     * @return list<AdmittedException>
     */
    private function admit(Publication $publication, User $officer, string $looked, array $exceptions): array
    {
        if ($officer->role !== Role::Officer) {
            throw Refused::because(ActRefusal::OfficersPublish);
        }
        if (! hash_equals($publication->looked(), $looked)) {
            throw Refused::because(ActRefusal::NotAsLooked);
        }
        if (! $publication->differs()) {
            throw Refused::because(ActRefusal::NothingToPublish);
        }
        $admitted = $this->except->admit($publication, $exceptions);
        $excepted = ById::of(array_map(static fn (AdmittedException $a): Finding => $a->finding, $admitted), static fn (Finding $f): string => $f->key());
        $own = $publication->keepsOut($officer);
        $stops = [...$publication->stops(), ...$publication->breaches($excepted), ...($own === null ? [] : [$own])];
        if ($stops !== []) {
            throw new Refused(...$stops);
        }

        return $admitted;
    }

    private function edition(Publication $publication): PointEdition
    {
        [$sheet, $controller] = [$publication->sheet, $publication->controller];
        $frozen = new Freezer;
        $css = $frozen->freeze('text/css', HouseLook::css($controller->accent));
        $renderer = new FormRenderer($sheet, $controller, "/forms/{$sheet->draft->point}/LANGUAGE", "/frozen/{$css->hex()}.css");
        $languages = [];
        foreach ($sheet->draft->languages as $language) {
            $pages = array_map(
                static fn (FrozenForm $page): FrozenPage => new FrozenPage($frozen->freeze('text/html', $page->html), $page->slots),
                $renderer->pages($language, VisitorWords::form($language)),
            );
            $languages[] = new FrozenLanguage($language, $css, $pages, $this->mails($language, $sheet, $controller));
        }
        $frozen->keep();

        return PointEdition::make(
            $sheet, $publication->number(), $this->clock->instant(), $controller,
            $languages === [] ? throw Refused::because(ActRefusal::WordsMissing) : $languages
        );
    }

    /** @return list<FrozenMail> */
    private function mails(Language $language, Sheet $sheet, Controller $controller): array
    {
        $fill = [':title' => $sheet->draft->title->in($language), ':controller' => $controller->name, ':days' => (string) $sheet->rules->lapseDays];
        $mails = [];
        foreach (['confirmation', ...($sheet->rules->reminderDays > 0 ? ['reminder'] : []), 'welcome'] as $kind) {
            $words = [];
            foreach ((array) __("visitor.mail.$kind", [], $language->value) as $key => $text) {
                $words[] = new FrozenWords((string) $key, strtr((string) $text, $fill));
            }
            $mails[] = new FrozenMail($kind, [...$words, new FrozenWords('notice', (string) __('visitor.mail.notice', [], $language->value))]);
        }

        return $mails;
    }
}
