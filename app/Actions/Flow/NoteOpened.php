<?php

declare(strict_types=1);

namespace App\Actions\Flow;

use App\Models\SignupJourney;

/** The page behind a mail's link was opened: noted of the sign-up until it ends, counted after that, and telling nobody anything of when. */
final class NoteOpened
{
    public function __invoke(SignupJourney $journey): void
    {
        SignupJourney::query()->whereKey($journey->id->bytes)->where('opened', false)->whereNull('ended_at')->update(['opened' => true]);
    }
}
