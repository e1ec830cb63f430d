<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\BeginPoint;
use App\Actions\Points\Standing;
use App\Actions\Points\TakeStock;
use App\Actions\Registers\InForce;
use App\Support\Csv;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\InvalidDocument;

/** Every signup point in one list. */
final class InventoryController
{
    public function index(Request $request, TakeStock $stock, InForce $inForce): View|Response
    {
        $search = $request->string('q')->trim()->toString();
        $rows = $stock($search);
        if ($request->query('as') === 'csv') {
            return Csv::respond('signup-points.csv', ['point', 'name', 'place', 'languages', 'double_opt_in', 'edition', 'draft', 'breaches', 'weaknesses', 'signups_30_days', 'paused'], array_map(static fn (Standing $r): array => [
                $r->point->slug, $r->sheet->name, $r->sheet->place, implode(' ', array_map(static fn ($l) => $l->value, $r->sheet->languages)), $r->sheet->rules->doubleOptIn ? 'yes' : 'no',
                (string) ($r->edition ?? ''), $r->draft ? 'yes' : 'no', (string) $r->breaches, (string) $r->weaknesses, (string) $r->signups, $r->point->paused_at === null ? 'no' : 'yes',
            ], $rows));
        }

        return view('points.index', ['rows' => $rows, 'search' => $search, 'statements' => array_keys($inForce->registers()->statements)]);
    }

    public function begin(Request $request, BeginPoint $begin): RedirectResponse
    {
        try {
            $point = $begin($request->string('name')->trim()->toString(), $request->string('statement')->toString(), SignedIn::user($request));
        } catch (InvalidDocument $e) {
            return redirect()->route('points')->withInput()->withErrors(['name' => $e->getMessage()]);
        }

        return redirect()->route('points.sheet', $point->slug);
    }
}
