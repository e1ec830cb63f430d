<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\PersonRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\StatementFacts;
use Juramen\Register\Channel;

/** Where people agree to calls, registers of objection are looked up before anybody is called. */
final class CallRegister extends PersonRequirement
{
    public function id(): string
    {
        return 'call-register';
    }

    public function title(): string
    {
        return 'Registers of those who want no calls are looked up.';
    }

    public function source(): Source
    {
        return new Source('ePD Art. 13(3); PECR 21', SourceKind::Law, 'what each country demands');
    }

    protected function concerns(Reading $reading): bool
    {
        return array_filter(
            $reading->sheet->statements ?? [], static fn (StatementFacts $s): bool => in_array(Channel::Phone, $s->channels, true)
        ) !== [];
    }

    protected function why(): string
    {
        return 'Whether registers are looked up does not stand on a form.';
    }

    protected function question(): string
    {
        return 'Are the registers of those who want no calls looked up before anybody is called?';
    }
}
