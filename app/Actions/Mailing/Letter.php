<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\SignupJourney;
use Juramen\Canon\ById;
use Juramen\Canon\Id;
use Juramen\Log\Disclosure;
use Juramen\Points\FrozenMail;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/** What a mail of a sign-up is put together from. */
final readonly class Letter
{
    /**
     * @param  FrozenMail  $words  as its edition froze them
     * @param  ById<Disclosure>  $values  of the person, by name
     */
    public function __construct(
        public Delivery $delivery,
        public Id $subject,
        public SignupJourney $journey,
        public PointEdition $edition,
        public Language $language,
        public FrozenMail $words,
        public ById $values,
    ) {}
}
