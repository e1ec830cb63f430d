<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Actions\Upkeep\Deleted;

/** What the desk shows: what needs somebody today, and how things stand. */
final readonly class DeskPage
{
    private const WORDS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten', 'Eleven', 'Twelve'];

    /**
     * @param  string  $today  as "Friday, 27 November 2026"
     * @param  list<Decision>  $decisions
     * @param  list<DepartureLine>  $departures
     * @param  list<Deleted>  $deleted
     * @param  bool  $decides  whether whoever looks decides, or only sees what others have to
     */
    public function __construct(
        public string $today,
        public array $decisions,
        public array $departures,
        public SignupChart $chart,
        public int $sealed,
        public array $deleted,
        private bool $decides,
    ) {}

    /** What its link says: who decides nothing looks at it. */
    public function doing(Decision $decision): string
    {
        return $this->decides ? $decision->do : 'See it';
    }

    public function title(): string
    {
        $n = count($this->decisions);

        return match ($n) {
            0 => $this->decides ? 'Nothing is waiting for you' : 'Nothing is open',
            1 => 'One decision '.($this->decides ? 'for you' : 'open with the officers'),
            default => (self::WORDS[$n] ?? (string) $n).' decisions '.($this->decides ? 'for you' : 'open with the officers'),
        };
    }
}
