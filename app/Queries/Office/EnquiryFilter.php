<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Support\Sorting;
use Illuminate\Http\Request;

/** Which enquiries are looked for. */
final readonly class EnquiryFilter
{
    public const COLUMNS = ['received', 'form', 'deleted'];

    /**
     * @param  string  $state  "open" for what is not closed, "mine", "closed", or "all"
     * @param  string  $point  short name of one; of all, where it is empty
     * @param  string  $words  an address, or words that were sent
     */
    public function __construct(public string $state, public string $point, public string $words, public Sorting $sorting) {}

    public static function from(Request $request): self
    {
        $state = $request->string('state')->toString();

        return new self(
            in_array($state, ['mine', 'closed', 'all'], true) ? $state : 'open', $request->string('point')->toString(),
            mb_substr($request->string('q')->trim()->toString(), 0, 200), Sorting::parse($request->query('sort'), self::COLUMNS, '-received')
        );
    }

    /** @return array<string, string> as an address says it */
    public function query(): array
    {
        return array_filter(['state' => $this->state, 'point' => $this->point, 'q' => $this->words, 'sort' => $this->sorting->text()]);
    }
}
