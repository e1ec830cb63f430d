<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Actions\Audit\AnswerFinding;
use App\Actions\Audit\AssignFinding;
use App\Actions\Audit\GivenPage;
use App\Actions\Audit\KeepForm;
use App\Actions\Audit\NamedFinding;
use App\Actions\Audit\TakeAudit;
use App\Actions\Audit\TakeForms;
use App\Models\AnswerSays;
use App\Models\ForeignForm;
use App\Models\Point;
use App\Models\ReadHow;
use App\Models\RegisteredController;
use App\Models\User;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\DeedsLately;
use Carbon\CarbonImmutable;
use Closure;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Requirements;

/** The audit of a week ago, and since then two forms that stand elsewhere: the old one of the crew jobs, and a copy that went stale. */
final readonly class Elsewhere
{
    /** A partner put our footer form into a page of its own, and changed what it liked. */
    private const COPY = '<!doctype html><html lang="en"><head><title>Seahaven Hotels: your trip</title></head><body><h1>Your trip</h1>
<form action="https://tidewick.example/forms/footer-newsletter/en" method="post"><h2>News from on board</h2>
<p><label>Email <input type="email" name="email"></label></p>
<p><label><input type="checkbox" name="yes-voyage-news" checked> Yes, Tidewick Ferries may email me its new sailings and fares.</label></p>
<p><label>Phone <input type="tel" name="phone"></label></p>
<button>Send me the news</button></form><p>Seahaven Hotels Ltd</p></body></html>';

    public function __construct(
        private TakeForms $take, private KeepForm $keep, private TakeAudit $audit, private AnswerFinding $answer, private AssignFinding $assign,
        private AuditNow $now, private DeedsLately $deeds
    ) {}

    /** @param  Closure(CarbonImmutable, Closure(): mixed): mixed  $at  does something at a moment of the past */
    public function load(CarbonImmutable $today, User $officer, User $editor, Closure $at): void
    {
        $at($today->subDays(7)->addHours(8), fn () => $this->attest($officer, $today->addMonths(9)->format('Y-m-d')));
        $at($today->subDays(7)->addHours(9), fn () => ($this->audit)($officer));
        $at($today->subDays(6)->addHours(10), function () use ($editor): void {
            $jobs = (string) file_get_contents(base_path('standins/site/apply.html'));
            $this->kept('', $jobs, 'https://jobs.tidewick.example/apply', 'Crew jobs, as its page has it', null, true, $editor);
            $point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
            $this->kept('your-trip.html', self::COPY, '', 'Footer newsletter, a copy at Seahaven', $point, false, $editor);
        });
        $at($today->subDays(5)->addHours(9), fn () => $this->assigned($today->addDays(6)->format('Y-m-d'), $editor, $officer));
        $this->deeds->anew();
    }

    /** What only a person can say is said of the points that are in use; the draw and the old form are still to be looked at. */
    private function attest(User $officer, string $until): void
    {
        $named = [];
        foreach (($this->now)()->forms as $form) {
            foreach ($form->findings as $finding) {
                // What no word of the notice seems to say stays open until somebody has written it there.
                $isAsked = Requirements::find($finding->requirement)?->judgedBy() === JudgedBy::Person && $finding->where === '';
                if ($isAsked && ! in_array($form->id, ['cabin-draw', 'crew-jobs', 'young-sailors'], true)) {
                    $named[] = new NamedFinding($form, $finding);
                }
            }
        }
        $this->answer->each($named, AnswerSays::Met, 'Gone through with the auditor, point by point, in the review of this autumn.', $until, $officer);
    }

    /** The copy that went stale is for the web editor to mend. */
    private function assigned(string $due, User $editor, User $officer): void
    {
        $named = [];
        foreach (($this->now)()->forms as $form) {
            foreach (str_contains($form->name, 'Seahaven') ? $form->findingsOf('no-preset-answer') : [] as $finding) {
                $named[] = new NamedFinding($form, $finding);
            }
        }
        ($this->assign)($named, (string) $editor->id, $due, 'Write to Seahaven Hotels: the box must start empty, as on ours.', $officer);
    }

    private function kept(string $file, string $html, string $address, string $name, ?Point $point, bool $watched, User $by): void
    {
        $form = ($this->take)([new GivenPage($file, $html, $address, $address === '' ? ReadHow::File : ReadHow::Address)], $by, $name)->forms[0];
        $controller = RegisteredController::query()->where('slug', 'tidewick-ferries')->firstOrFail();
        ($this->keep)(ForeignForm::query()->findOrFail($form->id), $name, $controller->id, $point->id ?? 0, $watched, $by);
    }
}
