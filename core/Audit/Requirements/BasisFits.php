<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;

/** Consent is asked where it is what the use rests on, and is not exchanged for another ground afterwards. */
final class BasisFits extends PersonRequirement
{
    public function id(): string
    {
        return 'basis-fits';
    }

    public function title(): string
    {
        return 'Consent is the ground that fits.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 6(1); EDPB Guidelines 05/2020', SourceKind::Law);
    }

    protected function why(): string
    {
        return 'What the use rests on in truth does not stand on a form.';
    }

    protected function question(): string
    {
        return 'Would the use stop if nobody agreed, and is no other ground taken up once somebody withdraws?';
    }
}
