<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;

/** Joint controllers have an arrangement, and its essence can be read. */
final class JointArrangement extends PersonRequirement
{
    public function id(): string
    {
        return 'joint-arrangement';
    }

    public function title(): string
    {
        return 'Whoever decides together has arranged it.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 26; CJEU C-40/17', SourceKind::Law);
    }

    protected function why(): string
    {
        return 'Who decides behind the form does not stand on it.';
    }

    protected function question(): string
    {
        return 'Does anybody decide together with the controller what this is used for? Then there is an arrangement, and its essence can be read.';
    }
}
