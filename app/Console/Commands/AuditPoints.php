<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\AuditReport;
use App\Queries\Points\PointStatus;
use App\Queries\Points\PointStatuses;
use App\Queries\Registers\RegistersInForce;
use App\Support\VisitorWords;
use Juramen\Audit\Finding;
use Juramen\Audit\Formats\AuditedFile;
use Juramen\Audit\Formats\JudgedForm;
use Juramen\Audit\Note;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\SheetReader;
use Juramen\Register\Language;
use RuntimeException;

final class AuditPoints extends AuditReport
{
    protected $signature = 'audit:points {point?* : slugs; all where none are named} {--json} {--format=text : text, json, sarif or junit}';

    protected $description = 'Judges the sheets of signup points by the requirements, in each of their languages; what an exception covers is left out';

    public function __construct(private readonly PointStatuses $points, private readonly RegistersInForce $inForce)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $format = $this->format();
        $asked = (array) $this->argument('point');
        $all = ($this->points)();
        $unknown = array_diff($asked, array_map(static fn (PointStatus $s): string => $s->point->slug, $all));
        if ($unknown !== []) {
            throw new RuntimeException('There is no signup point '.implode(', ', $unknown).'.');
        }
        $chosen = array_filter($all, static fn (PointStatus $s): bool => $asked === [] || in_array($s->point->slug, $asked, true));

        return $this->write($format, array_values(array_map($this->audited(...), $chosen)));
    }

    private function audited(PointStatus $status): AuditedFile
    {
        $reader = new SheetReader($this->inForce->registers());
        $uncovered = array_map(static fn (Finding $f): string => $f->key(), $status->uncovered);
        $excepted = array_filter(
            $status->judgement->notes, static fn (Note $n): bool => $n->result->stops() && ! in_array($n->key(), $uncovered, true)
        );
        $stands = static fn (Result $r, Language $in): bool => array_filter(
            $excepted, static fn (Note $n): bool => $n->key() === (new Note(1, $r, [$in]))->key()
        ) === [];
        $forms = [];
        foreach ($status->sheet->draft->languages as $language) {
            $reading = $reader->read($status->sheet, $language, VisitorWords::form($language));
            $results = array_filter(Requirements::judge($reading), static fn (Result $r): bool => ! $r->verdict->isFinding() || $stands($r, $language));
            $forms[] = new JudgedForm($reading, array_values($results));
        }

        return new AuditedFile($status->point->slug, $forms);
    }
}
