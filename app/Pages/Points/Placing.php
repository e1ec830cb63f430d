<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Several;

/** Where a field or a statement stands on a form, and when it is shown. */
final readonly class Placing
{
    /**
     * @param  Choice|null  $page  null where the form is one page
     * @param  Choice|null  $when  the field on which it hangs; null where there is none that it could hang on
     * @param  Several|null  $answers  that call for it; null where it is always shown
     * @param  string  $hint  what keeps the condition from working
     */
    public function __construct(public ?Choice $page, public ?Choice $when, public ?Several $answers, public string $hint) {}
}
