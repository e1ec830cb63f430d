<?php

declare(strict_types=1);

namespace Juramen\Audit\Formats;

/** A file as an audit for a build found it. */
final readonly class AuditedFile
{
    /**
     * @param  list<JudgedForm>  $forms
     * @param  string  $elsewhere  where it has none: where one may stand; empty where nothing points to one
     */
    public function __construct(public string $name, public array $forms, public string $elsewhere = '') {}
}
