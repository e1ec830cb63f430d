<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A form in the report of an audit. */
final readonly class ReportForm
{
    /**
     * @param  list<ReportFinding>  $findings  of which nobody said anything
     * @param  list<AnsweredTogether>  $answered
     * @param  FormPicture|null  $picture  null where nothing was kept to draw it from
     * @param  string  $bytes  that visitors got; empty where none were in force
     * @param  string  $met  how many requirements are met and how many do not apply, in words
     */
    public function __construct(
        public string $name, public string $controller, public string $state, public string $seen, public int $breaches, public int $weaknesses,
        public int $open, public array $findings, public array $answered, public string $met, public string $people,
        public ?FormPicture $picture, public string $bytes
    ) {}
}
