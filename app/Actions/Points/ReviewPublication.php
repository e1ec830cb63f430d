<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\User;
use App\Queries\Points\Exceptions;
use App\Queries\Points\Judgements;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\Writers;
use Juramen\Audit\Finding;
use Juramen\Canon\ById;
use Juramen\Canon\Refused;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;

/** Says what would be published of a signup point, and what speaks against it. */
final class ReviewPublication
{
    public function __construct(
        private readonly Judgements $judgements,
        private readonly Exceptions $exceptions,
        private readonly RegistersInForce $inForce,
        private readonly Writers $writers,
    ) {}

    /**
     * The newest revision of its sheet, made whole by the registers in force.
     *
     * @throws Refused where no form can be made of it
     */
    public function newest(Point $point): Publication
    {
        $revision = $point->record->revisions()->orderByDesc('number')->firstOrFail();
        $last = $point->editions()->orderByDesc('number')->first();

        return $this->make(
            $point, $last?->edition(), $revision->number, SheetDraft::from($revision->document), $this->inForce->registers(),
            $this->writers->since($point->record, $last)
        );
    }

    /**
     * What is in force once more, without what was drafted on the sheet since; whoever wrote in the registers was seen by
     * whoever approved that.
     *
     * @param  Registers|null  $registers  as they would be; those in force where none are given
     *
     * @throws Refused where no form can be made of it
     */
    public function again(PublishedEdition $row, ?Registers $registers = null): Publication
    {
        $edition = $row->edition();

        return $this->make($row->point, $edition, $row->revision, $edition->sheet->draft, $registers ?? $this->inForce->registers(), ById::none());
    }

    /** @param  ById<User>  $writers */
    private function make(Point $point, ?PointEdition $before, int $revision, SheetDraft $draft, Registers $registers, ById $writers): Publication
    {
        $sheet = $registers->complete($draft);
        $controller = $registers->controller($draft->controller);
        if ($draft->point->text !== $point->slug || ($before !== null && ! $before->controller->id->equals($draft->controller))) {
            throw Refused::because(ActRefusal::WrongPoint, point: $draft->point, controller: $draft->controller, slug: $point->slug);
        }
        $judgement = $this->judgements->ofSheet($sheet, $registers);
        $findings = Finding::all($sheet->document(), $judgement->notes);

        return new Publication(
            $point, $revision, $before, $sheet, $controller, $registers, $judgement, $findings, $this->exceptions->covering($point, $findings), $writers
        );
    }
}
