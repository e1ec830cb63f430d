<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Models\ReadHow;
use App\Models\User;
use App\Queries\Audit\ReadForms;
use App\Support\Outgoing\OutgoingClient;
use App\Support\Outgoing\OutgoingFailed;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Juramen\Audit\Html\ClearedPage;
use Juramen\Audit\Html\FormElsewhere;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\UnreadableHtml;
use Juramen\Audit\Reading;
use Juramen\Audit\SameForm;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;
use Juramen\Points\FormKind;
use Juramen\Register\Language;

/**
 * Takes forms from elsewhere from pages that were pasted, given as files, or fetched, and reads known ones again. What was typed into a page and
 * its tokens are left out before anything is kept.
 */
final class TakeForms
{
    public function __construct(
        private readonly OutgoingClient $client, private readonly ReadForms $forms, private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    /**
     * @param  list<GivenPage>  $pages
     * @param  string  $name  what its form is to be called, where one page is given; empty for a name of ours
     *
     * @throws Refused where nothing could be taken of any
     */
    public function __invoke(array $pages, User $by, string $name = '', ?Language $language = null): TakenForms
    {
        [$forms, $faults] = [[], []];
        foreach ($pages as $page) {
            try {
                array_push($forms, ...$this->take($page, $by, count($pages) === 1 ? $name : '', $language));
            } catch (Refused $e) {
                $faults[] = $e->getMessage();
                $refused = $e;
            }
        }
        if ($forms === []) {
            throw $refused ?? Refused::because(ActRefusal::NothingGiven);
        }

        return new TakenForms($forms, $faults);
    }

    /** @throws Refused where it cannot be fetched */
    public function fetch(string $address, ReadHow $how = ReadHow::Address): GivenPage
    {
        try {
            $found = $this->client->page(trim($address));
        } catch (OutgoingFailed $e) {
            throw Refused::because(ActRefusal::NotFetched, why: (string) __("office.outgoing.$e->problem"), problem: $e->problem);
        }

        return new GivenPage('', $found->bytes, $found->address, $how);
    }

    /**
     * A new reading of a known form: of its page as it is given, or fetched where nothing is given.
     *
     * @throws Refused where it cannot be read, or the form does not stand there any more
     */
    public function again(ForeignForm $form, ?GivenPage $page, ?User $by): ForeignReading
    {
        if ($page === null && $form->address === '') {
            throw Refused::because(ActRefusal::OnlyWithAddress);
        }
        $page ??= $this->fetch($form->address, $by === null ? ReadHow::Watched : ReadHow::Address);
        $language = $form->newest?->language;
        $known = $this->read($page, $form->address, $language === null ? null : Language::tryFrom($language));
        $last = $form->newest;
        $nth = SameForm::among($last === null ? [] : $this->forms->on($last, $form), $last->nth ?? 0, $known);
        if ($nth === null) {
            throw ($known === [] ? self::withoutForm($page) : null)
                ?? Refused::because(ActRefusal::FormGoneThere, count: count($known) === 1 ? 'one form' : count($known).' forms');
        }

        return DB::transaction(fn (): ForeignReading => $this->write($form, ClearedPage::of($page->bytes), $nth, $page->how, $language, $by), 3);
    }

    /**
     * @return list<ForeignForm>
     *
     * @throws Refused where no form stands in it
     */
    private function take(GivenPage $page, User $by, string $name, ?Language $language): array
    {
        $readings = $this->read($page, $page->address, $language);
        // A search or a login beside another form is not what somebody asks about.
        $asking = array_filter($readings, static fn (Reading $r): bool => $r->kind->asksForConsent()) ?: $readings;
        if ($asking === []) {
            throw self::withoutForm($page) ?? Refused::because(ActRefusal::NoFormThere, file: $page->called());
        }

        return DB::transaction(function () use ($asking, $page, $by, $name, $language): array {
            [$forms, $bytes] = [[], ClearedPage::of($page->bytes)];
            foreach ($asking as $nth => $reading) {
                $called = $name !== '' ? $name : self::named($page, $reading);
                $form = ForeignForm::query()->create([
                    'slug' => strtolower(Str::random(10)), 'name' => mb_substr(count($asking) > 1 ? $called.', form '.($nth + 1) : $called, 0, 120),
                    'address' => mb_substr($page->address, 0, 1000), 'controller_id' => null, 'point_id' => null, 'watched' => false,
                    'user_id' => $by->id, 'added_at' => $this->clock->instant(),
                ]);
                $this->write($form, $bytes, $nth, $page->how, $language?->value, $by);
                $this->log->write($by, ActKind::ReadForm, $form->slug);
                $forms[] = $form;
            }

            return $forms;
        }, 3);
    }

    private function write(ForeignForm $form, string $bytes, int $nth, ReadHow $how, ?string $language, ?User $by): ForeignReading
    {
        $digest = Digest::of($bytes);
        DB::table('foreign_pages')->insertOrIgnore(['digest' => $digest->bytes, 'bytes' => (string) gzcompress($bytes, 6)]);

        return ForeignReading::query()->create([
            'foreign_form_id' => $form->id, 'page' => $digest, 'nth' => $nth, 'language' => $language, 'how' => $how, 'user_id' => $by?->id,
            'read_at' => $this->clock->instant(), 'fault' => '', 'looked_at' => null,
        ]);
    }

    /**
     * @return list<Reading>
     *
     * @throws Refused
     */
    private function read(GivenPage $page, string $address, ?Language $language): array
    {
        try {
            return HtmlReader::read($page->bytes, $address, $language);
        } catch (UnreadableHtml $e) {
            throw Refused::because(ActRefusal::UnreadablePage, file: $page->called(), why: $e->getMessage());
        }
    }

    /** Where the form of a page may be in whose source none stands; null where nothing points to one. */
    private static function withoutForm(GivenPage $page): ?Refused
    {
        $elsewhere = FormElsewhere::of($page->bytes);

        return $elsewhere === null ? null : Refused::because(ActRefusal::FormElsewhere, file: $page->called(), why: $elsewhere->says);
    }

    /** The title of its page, or where it stands, and what it is for. */
    private static function named(GivenPage $page, Reading $reading): string
    {
        $title = preg_match('~<title[^>]*>(.*?)</title~is', $page->bytes, $m) === 1 ? trim(html_entity_decode(strip_tags($m[1]))) : '';
        $title = mb_check_encoding($title, 'UTF-8') ? $title : '';
        $host = (string) parse_url($page->address, PHP_URL_HOST);
        $kind = $reading->kind === FormKind::Other ? 'form' : str_replace('-', ' ', $reading->kind->value);
        $from = $title !== '' ? $title : ($page->name !== '' ? $page->name : $host);

        return ($from === '' ? 'Pasted' : mb_substr($from, 0, 80)).": $kind";
    }
}
