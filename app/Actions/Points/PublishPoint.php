<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Actions\Mailing\MailWords;
use App\Actions\Registers\Propose;
use App\Models\ActKind;
use App\Models\Decided;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Record;
use App\Models\Role;
use App\Models\User;
use App\Queries\Points\EditionsInForce;
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
use Juramen\Points\FormKind;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenForm;
use Juramen\Points\FrozenLanguage;
use Juramen\Points\FrozenMail;
use Juramen\Points\FrozenPage;
use Juramen\Points\PointEdition;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailWording;
use LogicException;

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
        private readonly RunDraw $draw,
        private readonly MailWords $words,
        private readonly PublishedForms $published,
        private readonly EditionsInForce $inForce,
        private readonly ActLog $log,
        private readonly Propose $propose,
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
        return DB::transaction(function () use ($point, $officer, $looked, $exceptions): PointEdition {
            $chain = $this->append->hold($point->subject);
            Record::query()->whereKey($point->record_id)->lockForUpdate()->exists();
            $publication = $this->review->newest(Point::query()->with('record')->whereKey($point->id)->firstOrFail());
            $admitted = $this->admit($publication, $officer, $looked, $exceptions);

            $this->propose->decide($publication->point->record, Decided::Approved, $officer, '');

            return $this->publish([new AdmittedPublication($publication, $chain, $admitted)], $officer)[0];
        }, 3);
    }

    /**
     * Publishes what is in force of several points once more, with the registers as they are now; what was drafted since stays a
     * draft. Inside the transaction that changed the registers.
     *
     * @param  list<ChosenPoint>  $chosen
     * @param  list<HeldChain>  $chains  of these points, held
     *
     * @throws Refused where any of them cannot be published as it was looked at; none is then
     */
    public function again(array $chosen, array $chains, User $officer): void
    {
        $rows = ById::of(
            $this->inForce->of(array_map(static fn (ChosenPoint $c): string => $c->slug, $chosen)),
            static fn (PublishedEdition $row): string => $row->point->slug
        );
        $held = ById::of($chains, static fn (HeldChain $c): string => $c->subject->hex());
        $admitted = [];
        foreach ($chosen as $each) {
            try {
                $row = $rows->get($each->slug) ?? throw Refused::because(ActRefusal::NeverPublished);
                $publication = $this->review->again($row);
                $exceptions = $this->admit($publication, $officer, $each->looked, []);
            } catch (Refused $e) {
                throw Refused::because(ActRefusal::PointNotPublished, point: $each->slug, why: $e->getMessage());
            }
            $chain = $held->get($row->point->subject->hex()) ?? throw new LogicException("The chain of {$each->slug} is not held.");
            $admitted[] = new AdmittedPublication($publication, $chain, $exceptions);
        }
        $this->publish($admitted, $officer);
    }

    /**
     * @param  list<AdmittedPublication>  $all
     * @return list<PointEdition>
     */
    private function publish(array $all, User $officer): array
    {
        $frozen = new Freezer;
        $editions = array_map(fn (AdmittedPublication $a): PointEdition => $this->edition($a->publication, $frozen), $all);
        $frozen->keep();
        $statements = [];
        foreach ($all as $i => $admitted) {
            [$publication, $edition] = [$admitted->publication, $editions[$i]];
            $row = PublishedEdition::query()->create([
                'point_id' => $publication->point->id, 'number' => $edition->number, 'digest' => $edition->digest(), 'bytes' => $edition->bytes,
                'revision' => $publication->revision, 'published_by' => $officer->id, 'published_at' => $edition->published,
            ]);
            foreach ($edition->sheet->statements as $statement) {
                $statements[] = ['point_edition_id' => $row->id, 'statement' => $statement->edition()->bytes];
            }
            $act = new Published($edition->published, $publication->point->slug, $edition->digest(), $officer->named());
            ($this->append)($admitted->chain, $act);
            $this->log->write($officer, ActKind::Published, $publication->point->slug, "edition $edition->number");
            $this->except->enter($admitted, $edition->digest(), $officer);
            if ($edition->sheet->draft->kind === FormKind::PrizeDraw) {
                $this->draw->begin($publication->point, $admitted->chain, $officer);
            }
        }
        DB::table('edition_statements')->insert($statements);
        $points = array_map(static fn (AdmittedPublication $a): Point => $a->publication->point, $all);
        // What was paused for its words is on the air again with new ones.
        $paused = array_filter($points, static fn (Point $p): bool => $p->paused_at !== null);
        if ($paused !== []) {
            Point::query()->whereKey(array_map(static fn (Point $p): int => $p->id, $paused))->update(['paused_at' => null]);
        }
        DB::afterCommit(fn () => $this->published->refresh(array_map(static fn (Point $p): string => $p->slug, $points)));

        return $editions;
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

    private function edition(Publication $publication, Freezer $frozen): PointEdition
    {
        [$sheet, $controller] = [$publication->sheet, $publication->controller];
        foreach (array_filter([$sheet->draft->look->picture, $controller->look->sign]) as $picture) {
            if (! DB::table('frozen_bytes')->where('digest', $picture->digest->bytes)->where('type', 'image/webp')->exists()) {
                throw Refused::because(ActRefusal::ImageGone);
            }
        }
        $look = $sheet->look($controller);
        $letters = HouseLook::letters($look);
        if ($letters !== null) {
            $frozen->freeze('font/woff2', $letters);
        }
        $css = $frozen->freeze('text/css', HouseLook::css($look).$sheet->layout()->css());
        $renderer = static fn (Sheet $of): FormRenderer => new FormRenderer(
            $of, $controller, "/forms/{$sheet->draft->point}/LANGUAGE", "/frozen/{$css->hex()}.css"
        );
        $pages = static fn (Sheet $of, Language $language): array => array_map(
            static fn (FrozenForm $page): FrozenPage => new FrozenPage($frozen->freeze('text/html', $page->html), $page->slots),
            $renderer($of)->pages($language, VisitorWords::form($language)),
        );
        $languages = [];
        foreach ($sheet->draft->languages as $language) {
            $languages[] = new FrozenLanguage(
                $language, $css, $pages($sheet, $language), $this->mails($language, $sheet, $controller),
                $sheet->draft->differsIn($language) ? $pages($sheet->second(), $language) : []
            );
        }

        return PointEdition::make(
            $sheet, $publication->number(), $this->clock->instant(), $controller,
            $languages === [] ? throw Refused::because(ActRefusal::WordsMissing) : $languages
        );
    }

    /** @return list<FrozenMail> */
    private function mails(Language $language, Sheet $sheet, Controller $controller): array
    {
        $acknowledged = $sheet->draft->kind->servesSomethingElse() && $sheet->draft->acknowledges;
        $second = array_filter($sheet->mails, static fn (MailWording $m): bool => $m->kind === MailKind::Second);
        $kinds = [
            'confirmation', ...$second === [] ? [] : [MailKind::Second->value], ...($sheet->rules->reminderDays > 0 ? ['reminder'] : []),
            'welcome', 'choices', 'details', 'no-chosen', 'withdrawn',
            ...($acknowledged ? ['acknowledgement'] : []), ...($sheet->asksByNumber() ? ['number-confirmation'] : []),
        ];

        return array_map(fn (string $kind): FrozenMail => $this->words->freeze($kind, $language, $sheet, $controller), $kinds);
    }
}
