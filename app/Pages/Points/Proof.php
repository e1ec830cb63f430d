<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Tab;

/** The proof of a form beside its sheet, and the other ways to look at it. */
final readonly class Proof
{
    /**
     * @param  list<Tab>  $languages
     * @param  list<Tab>  $widths
     * @param  list<Tab>  $states  as it comes, and with errors
     * @param  list<Tab>  $lights
     * @param  list<Tab>  $versions  none where there is one
     * @param  list<Tab>  $pages  none where the form has one page
     * @param  string  $link  address of what stands in the frame
     * @param  list<Tab>  $trials  private addresses at which the draft as it is saved can be gone through
     */
    public function __construct(
        public string $language, public string $endonym, public ProofView $view, public array $languages, public array $widths,
        public array $states, public array $lights, public array $versions, public array $pages,
        public string $link, public array $trials
    ) {}
}
