<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\InForce;
use App\Actions\Wording\ReadLibrary;
use App\Models\RecordKind;
use App\Support\Csv;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use Juramen\Canon\Document;
use Juramen\Canon\InvalidDocument;
use Juramen\Register\Language;
use Juramen\Wording\Library;
use Juramen\Wording\Statement;

/** Texts out to translation and back, as CSV or JSON; nothing changes before its report was looked at. */
final class LibraryController
{
    public function show(): View
    {
        return view('wording.library', ['library' => null, 'file' => '', 'statements' => ReadLibrary::register()]);
    }

    public function export(Request $request, string $format): Response
    {
        $statements = ReadLibrary::register();
        $wanted = array_values(array_filter(Language::cases(), static fn (Language $l): bool => in_array($l->value, (array) $request->query('languages', []), true)));
        if ($format === 'json') {
            return response((string) json_encode(['statements' => array_map(Library::export(...), array_values($statements))], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="statements.json"']);
        }
        $rows = [];
        foreach ($statements as $statement) {
            // Languages that are wanted and not written yet go out empty, for the translator to fill in.
            $tags = array_unique([...array_keys($statement->texts->toArray()), ...array_map(static fn (Language $l): string => $l->value, $wanted)]);
            foreach ($tags as $tag) {
                $rows[] = [$statement->id, $tag, $statement->texts->toArray()[$tag] ?? ''];
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
            return view('wording.library', ['library' => $read($file), 'file' => $file, 'statements' => ReadLibrary::register()]);
        } catch (InvalidDocument $e) {
            return redirect()->route('wording.library')->withErrors(['file' => $e->getMessage().' Nothing was changed.']);
        }
    }

    public function apply(Request $request, ReadLibrary $read, ChangeRecord $change): RedirectResponse
    {
        $user = SignedIn::user($request);
        try {
            $library = $read($request->string('text')->toString());
        } catch (InvalidDocument $e) {
            return redirect()->route('wording.library')->withErrors(['file' => $e->getMessage().' Nothing was changed.']);
        }
        if ($library->faults() !== []) {
            return redirect()->route('wording.library')->withErrors(['file' => 'The file has '.count($library->faults()).' texts that cannot be taken. Nothing was changed.']);
        }
        $records = InForce::records(RecordKind::Statement)->with('newest')->get()->keyBy('slug');
        $count = 0;
        foreach ($library->changes() as $row) {
            $record = $records[$row->statement];
            [$revision] = $change->change($record, $user, (int) $record->revisions()->max('number'), "took {$row->language} from a file", static fn (array $document): array => Document::with($document, "texts/{$row->language}", $row->new));
            $count += (int) (Statement::from($revision->document)->texts->toArray()[$row->language] === $row->new);
        }

        return redirect()->route('wording')->with('said', $count === 1 ? 'One text was taken as a draft.' : "$count texts were taken as drafts.");
    }
}
