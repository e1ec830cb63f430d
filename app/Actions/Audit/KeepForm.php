<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Models\Point;
use App\Models\RegisteredController;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;

/** What is said of a form from elsewhere: its name, who answers for it, of which point it is a copy, whether its page is watched. */
final class KeepForm
{
    private const LONGEST = 120;

    public function __construct(private readonly ActLog $log, private readonly SystemClock $clock) {}

    /**
     * @param  int  $controller  its number; 0 where nobody has said
     * @param  int  $point  its number; 0 where it is no copy of one of ours
     *
     * @throws Refused where it has no name, was put away, or its page has no address that could be watched
     */
    public function __invoke(ForeignForm $form, string $name, int $controller, int $point, bool $watched, User $by): void
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > self::LONGEST) {
            throw Refused::because(ActRefusal::NameNeeded, most: self::LONGEST);
        }
        DB::transaction(function () use ($form, $name, $controller, $point, $watched, $by): void {
            $form = self::held($form);
            if ($form->put_away_at !== null) {
                throw Refused::because(ActRefusal::PutAwayAlready);
            }
            if ($watched && $form->address === '') {
                throw Refused::because(ActRefusal::OnlyWithAddress);
            }
            $copied = Point::query()->find($point);
            $form->update([
                'name' => $name, 'controller_id' => RegisteredController::query()->find($controller)->id ?? $copied?->controller_id,
                'point_id' => $copied?->id, 'watched' => $watched,
            ]);
            if ($form->wasChanged()) {
                $this->log->write($by, ActKind::KeptForm, $form->slug);
            }
        }, 3);
    }

    /** It leaves the grid and is watched no more; its readings stay. Said twice, it is said once. */
    public function putAway(ForeignForm $form, bool $away, User $by): void
    {
        DB::transaction(function () use ($form, $away, $by): void {
            $form = self::held($form);
            if (($form->put_away_at !== null) !== $away) {
                $form->update(['put_away_at' => $away ? $this->clock->instant() : null, 'watched' => $form->watched && ! $away]);
                $this->log->write($by, $away ? ActKind::PutFormAway : ActKind::TookFormUp, $form->slug);
            }
        }, 3);
    }

    /** Somebody looked at what changed by itself: it leaves the desk. */
    public function looked(ForeignForm $form, User $by): void
    {
        $now = $this->clock->instant();
        $new = ForeignReading::query()->where('foreign_form_id', $form->id)->whereNull('looked_at')->update(['looked_at' => Instants::write($now)]);
        if ($new > 0) {
            $this->log->write($by, ActKind::LookedAtForm, $form->slug);
        }
    }

    private static function held(ForeignForm $form): ForeignForm
    {
        return ForeignForm::query()->whereKey($form->id)->lockForUpdate()->firstOrFail();
    }
}
