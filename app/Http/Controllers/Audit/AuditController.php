<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\Audit\TakeAudit;
use App\Http\RefusedAnswer;
use App\Models\TakenAudit;
use App\Pages\Audit\AuditPage;
use App\Pages\Audit\Grid;
use App\Pages\Audit\ReportPage;
use App\Pages\Audit\TakenPage;
use App\Queries\Audit\Answers;
use App\Queries\Audit\AuditFilter;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\BytesOfForms;
use App\Queries\Audit\ExposedPeople;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\Pdf;
use App\Support\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Audit\AuditedForm;
use Juramen\Canon\Refused;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Every form against every requirement: as it stands now, and as it stood when audits were taken. */
final class AuditController
{
    private const COLUMNS = [
        'form', 'kind', 'id', 'controller', 'state', 'requirement', 'verdict', 'says', 'where', 'words', 'mend', 'answered', 'until', 'to mend', 'due',
    ];

    public function __construct(private readonly AuditNow $now) {}

    public function show(Request $request, Answers $answers, ExposedPeople $people): View
    {
        return view('audit.index', ['page' => $this->page($request, $answers, $people)]);
    }

    /** The margin alone, of the form or cell that was chosen. */
    public function found(Request $request, Answers $answers, ExposedPeople $people): View
    {
        return view('audit.found', ['page' => $this->page($request, $answers, $people)]);
    }

    public function svg(Request $request): Response
    {
        $audit = AuditFilter::from($request)->over(($this->now)());

        return response()->view('audit.svg', ['grid' => Grid::of($audit, AuditFilter::from($request)->groups($audit), null)], 200, [
            'Content-Type' => 'image/svg+xml; charset=utf-8', 'Content-Disposition' => 'attachment; filename="audit.svg"',
        ]);
    }

    public function export(Request $request, string $format, Answers $answers): StreamedResponse|JsonResponse
    {
        $audit = AuditFilter::from($request)->over(($this->now)());
        if ($format === 'json') {
            return response()->json(json_decode($audit->bytes(), true), 200, ['Content-Disposition' => 'attachment; filename="audit.json"'], JSON_PRETTY_PRINT);
        }

        return Csv::respond('audit.csv', self::COLUMNS, array_merge(
            [], ...array_map(static fn (AuditedForm $f): array => self::lines($f, $answers), $audit->forms)
        ));
    }

    public function take(Request $request, TakeAudit $take): RedirectResponse
    {
        try {
            $taken = $take(SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('audit'), 'take', $e);
        }

        return redirect()->route('audit.taken', $taken->id)->with('said', 'Taken. It stands in the ledger by its digest, and is only added to.');
    }

    public function all(): View
    {
        return view('audit.all', ['audits' => TakenPage::all()]);
    }

    public function taken(Request $request, TakenAudit $audit): View
    {
        return view('audit.taken', ['page' => TakenPage::of($audit->load('user'), is_string($with = $request->query('with')) ? $with : '')]);
    }

    /** For an authority or the board: as a page of its own that needs nothing from here, or as PDF. */
    public function report(TakenAudit $audit, string $format, ExposedPeople $people, RegistersInForce $inForce, BytesOfForms $bytes): Response
    {
        $html = view('audit.report', [
            'page' => ReportPage::of($audit->load('user'), $people, $inForce, $bytes), 'pdf' => $format === 'pdf',
        ])->render();

        return $format === 'pdf' ? Pdf::respond("audit-$audit->id.pdf", $html) : response($html, 200, [
            'Content-Type' => 'text/html; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"audit-$audit->id.html\"",
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);
    }

    private function page(Request $request, Answers $answers, ExposedPeople $people): AuditPage
    {
        $text = static fn (string $name): string => is_string($value = $request->query($name)) ? $value : '';

        return AuditPage::of(
            $this->now, AuditFilter::from($request), $text('form'), $text('requirement'), $answers, $people,
            SignedIn::user($request)
        );
    }

    /** @return list<list<string>> */
    private static function lines(AuditedForm $form, Answers $answers): array
    {
        $lines = [];
        foreach ($form->findings as $finding) {
            [$answer, $mender] = [$answers->to($form, $finding), $answers->assigned($form, $finding)];
            $lines[] = [
                $form->name, $form->kind->value, $form->id, $form->controller, $form->state, $finding->requirement, $finding->verdict->value, $finding->says,
                $finding->where, $finding->words, $finding->mend, (string) $answer?->says->value, (string) $answer?->until,
                (string) $mender?->user->name, (string) $mender?->due,
            ];
        }

        return $lines;
    }
}
