<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Screening\Assessment;

/** Where a trial stands: a page of the form once more, or what would have become of it. */
final readonly class TrialEnd
{
    /**
     * @param  string|null  $html  of a page; null where it was sent whole
     * @param  Assessment|null  $assessment  null where a page comes again, or where the point is not screened
     */
    public function __construct(public ?string $html, public ?Assessment $assessment = null, public int $status = 200) {}
}
