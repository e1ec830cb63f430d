<?php

declare(strict_types=1);

namespace Juramen\Audit\Formats;

/** A file as an audit for a build found it. */
final readonly class AuditedFile
{
    /** @param  list<JudgedForm>  $forms */
    public function __construct(public string $name, public array $forms) {}
}
