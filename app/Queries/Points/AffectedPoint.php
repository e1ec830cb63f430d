<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Actions\Points\Publication;
use App\Models\Point;
use App\Models\PublishedEdition;
use Juramen\Points\PartDifference;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** A published point that would show something else if it were published again. */
final readonly class AffectedPoint
{
    /**
     * @param  int  $edition  number of the one in force
     * @param  list<PartDifference>  $difference
     * @param  list<Texts>  $lines  that stand over its form: title, and the line under it
     * @param  string|null  $stops  why it cannot be published with the change; null where it can
     * @param  string|null  $looked  names what it would show, see Publication::looked()
     */
    private function __construct(
        public Point $point, public string $name, public int $edition, public array $difference, private array $lines, public ?string $stops,
        public ?string $looked
    ) {}

    /** @return list<string> what stands over its form */
    public function linesIn(Language $language): array
    {
        return array_values(array_filter(array_map(static fn (Texts $t): string => $t->orNothing($language), $this->lines)));
    }

    public static function of(Publication $publication): self
    {
        $stops = [...$publication->stops(), ...$publication->breaches()];

        return new self(
            $publication->point, $publication->sheet->draft->name, $publication->number() - 1, $publication->difference(),
            [$publication->sheet->draft->title, $publication->sheet->draft->purposeLine],
            $stops === [] ? null : $stops[0]->says(), $publication->looked(),
        );
    }

    /** No form can be made of it any more. */
    public static function impossible(PublishedEdition $row, string $why): self
    {
        return new self($row->point, $row->edition()->sheet->draft->name, $row->number, [], [], $why, null);
    }
}
