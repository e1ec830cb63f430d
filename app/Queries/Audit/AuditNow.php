<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Models\ForeignForm;
use App\Queries\Points\PointStatus;
use App\Queries\Points\PointStatuses;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Juramen\Audit\Audit;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\Practice;
use Juramen\Audit\Requirements;
use Juramen\Canon\Document;

/** How every form stands now: the points by their sheets, the forms from elsewhere by their last reading. What was judged before is not judged anew. */
final class AuditNow
{
    private const KEPT = 7 * 86400;

    private ?CountedDeeds $done = null;

    public function __construct(
        private readonly PointStatuses $points, private readonly ReadForms $forms, private readonly RegistersInForce $inForce,
        private readonly DeedsLately $deeds, private readonly SystemClock $clock
    ) {}

    public function __invoke(string $by = ''): Audit
    {
        $this->done = null;

        return new Audit($this->clock->instant(), 'all forms', $by, Audit::catalogue(), [
            ...array_map($this->point(...), ($this->points)()), ...array_map($this->foreign(...), $this->all()),
        ]);
    }

    /** @return list<ForeignForm> */
    private function all(): array
    {
        return array_values(ForeignForm::query()->with('newest', 'mail', 'controller')->whereNull('put_away_at')->byName()->get()->all());
    }

    public function point(PointStatus $status): AuditedForm
    {
        $draft = $status->sheet->draft;
        $state = $status->edition === null ? 'never published' : "edition $status->edition".($status->draft ? ', and a draft' : '');

        return AuditedForm::judged(
            $status->point->slug, $draft->name, $this->named($draft->controller->text), $state, hash('sha256', $status->sheet->document()->json()),
            $status->judgement, count($draft->languages), $status->uncovered, Requirements::weigh($this->practice($status))
        );
    }

    private function practice(PointStatus $status): Practice
    {
        return new Practice(
            $this->clock->today(), $status->sheet, $this->inForce->registers(), $this->done()->at($status->point->slug)
        );
    }

    /** What was done, and when that was counted. */
    public function done(): CountedDeeds
    {
        return $this->done ??= $this->deeds->last();
    }

    public function foreign(ForeignForm $form): AuditedForm
    {
        $read = $form->newest ?? $form->readings()->orderByDesc('id')->firstOrFail();
        $key = 'foreign '.hash('sha256', implode(' ', [
            $read->page->hex(), $read->nth, $form->address, $read->language, $form->mail?->id, config('juramen.release'),
        ]));
        $kept = self::kept()->get($key);
        if (! is_array($kept)) {
            $at = $this->forms->at($read, $form);
            $kept = AuditedForm::read('', '', '', '', $read->page->hex(), $at->reading, $at->results)->toArray();
            self::kept()->put($key, $kept, self::KEPT);
        }

        return AuditedForm::from(Document::from([
            ...$kept, 'id' => $form->slug, 'name' => $form->name, 'controller' => $form->controller === null ? '' : $this->named($form->controller->slug),
            'state' => 'read on '.Moments::day($read->read_at),
        ]));
    }

    private function named(string $controller): string
    {
        return $this->inForce->registers()->controllers->get($controller)->name ?? $controller;
    }

    private static function kept(): Repository
    {
        return Cache::store('computed');
    }
}
