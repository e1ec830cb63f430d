<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\Assignment;
use App\Models\ForeignForm;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Account\ListColleagues;
use App\Support\Moments;
use Juramen\Canon\Day;

/** Who is to mend a finding. */
final readonly class AssignedView
{
    /**
     * @param  bool  $isLate  whether the day is over
     * @param  bool  $mayMend  whether whoever looks may say that it is mended
     */
    private function __construct(
        public int $id, public string $requirement, public string $says, public string $note, public bool $isLate, public bool $mayMend
    ) {}

    /** @return list<Option> to whom somebody may give a finding to mend; none where they may not */
    public static function whoMay(User $reader): array
    {
        return $reader->cannot('assign', ForeignForm::class) ? [] : Option::all(['' => 'nobody yet'] + array_column(array_map(
            static fn (User $u): array => [(string) $u->id, "$u->name, {$u->role->value}"], (new ListColleagues)->whoMends()->all()
        ), 1, 0), ['']);
    }

    public static function of(?Assignment $assignment, Day $today, User $reader): ?self
    {
        if ($assignment === null) {
            return null;
        }
        $late = $today->isAfter($assignment->due);

        return new self(
            $assignment->id, Grid::named($assignment->requirement),
            "{$assignment->user->name} ".($late ? 'was to mend it by ' : 'mends it by ').Moments::plain($assignment->due->text), $assignment->note, $late,
            $reader->can('mend', [ForeignForm::class, $assignment])
        );
    }
}
