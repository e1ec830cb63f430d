<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Actions\Points\Publication;
use App\Models\Point;
use App\Models\Proposal;
use App\Models\User;
use Juramen\Audit\Finding;
use Juramen\Audit\Note;
use Juramen\Canon\Ground;
use Juramen\Points\PartDifference;
use Juramen\Points\Sentences;
use Juramen\Points\SheetPart;

/** What whoever publishes looks at: whole the first time, by its difference after; what stops it, and what may be excepted. */
final readonly class PublishPage
{
    /**
     * @param  list<WholePart>  $whole  read aloud, where it was never published
     * @param  list<PartDifference>  $difference
     * @param  list<Finding>  $uncovered  breaches that no exception covers
     * @param  list<string>  $stops
     * @param  list<string>  $unapproved  statements whose words nobody has approved
     * @param  list<string>  $others  findings that stop nothing
     * @param  string|null  $own  why whoever looks may not publish it
     * @param  bool  $open  whether nothing but breaches stops it
     * @param  HandedOver|null  $handed  to the officers; null where it is not
     */
    private function __construct(
        public Point $point,
        public string $name,
        public string $looked,
        public ?int $before,
        public int $number,
        public bool $differs,
        public array $whole,
        public array $difference,
        public array $uncovered,
        public array $stops,
        public array $unapproved,
        public array $others,
        public ?string $own,
        public string $writers,
        public bool $open,
        public ?HandedOver $handed,
        public bool $mayHandOver,
        public bool $mayReturn,
        public bool $mayPublish,
    ) {}

    /** @param  Proposal|null  $proposal  by which it was handed over */
    public static function of(Publication $publication, ?Proposal $proposal, User $user): self
    {
        $stops = array_map(static fn (Ground $g): string => $g->says(), $publication->stops());
        $own = $user->can('publish', Point::class) ? $publication->keepsOut($user)?->says() : null;
        $others = array_filter($publication->judgement->notes, static fn (Note $n): bool => ! $n->result->stops());

        return new self(
            $publication->point, $publication->sheet->draft->name, $publication->looked(), $publication->before?->number, $publication->number(),
            $publication->differs(),
            $publication->before === null ? self::whole($publication) : [], $publication->difference(), $publication->uncovered()->all(), $stops,
            $publication->unapproved(),
            array_values(array_map(static fn (Note $n): string => ucfirst($n->result->verdict->value).": {$n->result->says}", $others)), $own,
            implode(', ', array_map(static fn (User $u): string => $u->name, $publication->writers->all())),
            $stops === [] && $own === null && $user->can('publish', Point::class),
            $proposal === null ? null : HandedOver::of($proposal, $publication->revision, $user), $user->can('change', $publication->point),
            $proposal !== null && $user->can('publish', Point::class), $user->can('publish', Point::class),
        );
    }

    /** @return list<WholePart> */
    private static function whole(Publication $publication): array
    {
        $sentences = Sentences::of($publication->sheet);

        return array_map(static function (SheetPart $part) use ($sentences): WholePart {
            $of = array_filter($sentences, static fn ($s): bool => $s->part === $part);

            return new WholePart($part, array_values(array_map(static fn ($s): string => $s->says, $of)));
        }, SheetPart::cases());
    }
}
