<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Wording\ReadLibrary;
use App\Actions\Wording\TakeLibrary;
use App\Pages\Wording\LibraryPage;
use App\Support\Csv;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\Language;
use Juramen\Wording\Statement;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Texts out to translation and back, as CSV or JSON; nothing changes before its report was looked at. */
final class LibraryController
{
    public function show(): View
    {
        return view('wording.library', ['page' => new LibraryPage(ReadLibrary::register()->all())]);
    }

    public function export(Request $request, string $format): Response|StreamedResponse
    {
        $statements = ReadLibrary::register()->all();
        if ($format === 'json') {
            $all = ['statements' => array_map(static fn (Statement $s): array => $s->document()->toArray(), $statements)];

            return response((string) json_encode($all, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 200, [
                'Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="statements.json"',
            ]);
        }
        $wanted = array_filter(Language::cases(), static fn (Language $l): bool => in_array($l->value, (array) $request->query('languages', []), true));
        $rows = [];
        foreach ($statements as $statement) {
            // Languages that are wanted and not written yet go out empty, for the translator to fill in.
            $more = array_filter($wanted, static fn (Language $l): bool => ! $statement->texts->has($l));
            foreach ([...$statement->texts->languages(), ...array_values($more)] as $language) {
                $rows[] = [$statement->id->text, $language->value, $statement->texts->orNothing($language)];
            }
        }

        return Csv::respond('statements.csv', ['statement', 'language', 'text'], $rows);
    }

    /** What the file would change; nothing is changed yet. */
    public function read(Request $request, ReadLibrary $read): View|RedirectResponse
    {
        $upload = $request->file('file');
        $file = $upload instanceof UploadedFile ? (string) $upload->getContent() : $request->string('text')->toString();
        try {
            return view('wording.library', ['page' => new LibraryPage(ReadLibrary::register()->all(), $read($file), $file)]);
        } catch (Refused $e) {
            return $this->refused($e);
        }
    }

    public function apply(Request $request, TakeLibrary $take): RedirectResponse
    {
        try {
            $count = $take($request->string('text')->toString(), SignedIn::user($request));
        } catch (Refused $e) {
            return $this->refused($e);
        }

        return redirect()->route('wording')->with('said', $count === 1 ? 'One text was taken as a draft.' : "$count texts were taken as drafts.");
    }

    private function refused(Refused $refused): RedirectResponse
    {
        return redirect()->route('wording.library')->withErrors(['file' => $refused->getMessage().' Nothing was changed.'])
            ->with('refusal', $refused->grounds[0]->refusal->value);
    }
}
