<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Support\Sorting;
use Illuminate\Http\Request;
use Juramen\Upkeep\Right;

/** Which requests are looked for. */
final readonly class RequestFilter
{
    public const COLUMNS = ['due', 'received', 'asks'];

    /** @param  string  $state  "open", "answered", or "all" */
    public function __construct(public string $state, public ?Right $asks, public string $point, public Sorting $sorting) {}

    public static function from(Request $request): self
    {
        $state = $request->string('state')->toString();

        return new self(
            in_array($state, ['answered', 'all'], true) ? $state : 'open', Right::tryFrom($request->string('asks')->toString()),
            $request->string('point')->toString(), Sorting::parse($request->query('sort'), self::COLUMNS, 'due')
        );
    }

    public static function open(): self
    {
        return new self('open', null, '', Sorting::parse('due', self::COLUMNS, 'due'));
    }

    /** @return array<string, string> as an address says it */
    public function query(): array
    {
        return array_filter(['state' => $this->state, 'asks' => $this->asks->value ?? '', 'point' => $this->point, 'sort' => $this->sorting->text()]);
    }
}
