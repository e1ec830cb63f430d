<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>Audit of {{ $page->row->day }}</title>
<style>
@page { margin: 22mm 18mm 20mm; }
body { font: 10pt/1.45 "DejaVu Serif", Georgia, serif; color: #1b2230; max-width: 46rem; margin: 0 auto; }
h1 { font-size: 20pt; margin: 0 0 4pt; } h2 { font-size: 13pt; margin: 18pt 0 4pt; border-bottom: 1px solid #d8d2c4; }
h3 { font-size: 11pt; margin: 12pt 0 2pt; } h2, h3 { page-break-after: avoid; } p { margin: 0 0 5pt; }
table { border-collapse: collapse; width: 100%; font-size: 8.5pt; } th, td { text-align: left; vertical-align: top; padding: 3pt 6pt 3pt 0;
 border-bottom: 1px solid #d8d2c4; } th { font-weight: normal; color: #535a68; }
.soft { color: #535a68; } .mono { font: 8pt "DejaVu Sans Mono", monospace; word-wrap: break-word; }
.figure { text-align: right; } .held { page-break-inside: avoid; } .picture { margin: 6pt 0 2pt; } pre { white-space: pre-wrap; }
.finding { margin: 6pt 0 8pt; padding-left: 8pt; border-left: 3px solid #d8d2c4; page-break-inside: avoid; }
.finding.breach { border-color: #8e1b2e; } .finding.weakness { border-color: #855600; } .finding.open { border-color: #535a68; }
.breach b { color: #8e1b2e; } .weakness b { color: #855600; }
blockquote { margin: 2pt 0 4pt 10pt; font-style: italic; }
</style></head>
<body>
<h1>Audit of {{ $page->row->day }}</h1>
<p>{{ $page->house }}</p>
<p class="soft">Taken by {{ $page->row->by }}. In the ledger as <span class="mono">{{ $page->row->digest }}</span></p>

<h2>In short</h2>
<p>{{ $page->row->forms }} forms were held against {{ count($page->catalogue) }} requirements. Found: {{ $page->row->breaches }} breaches,
 {{ $page->row->weaknesses }} weaknesses, {{ $page->row->open }} questions for a person. {{ $page->since }}</p>
<table><thead><tr><th>Form</th><th>Answers for it</th><th>State</th><th class="figure">Breaches</th><th class="figure">Weaknesses</th>
<th class="figure">Questions</th><th class="figure">People who agreed</th></tr></thead><tbody>
@foreach ($page->forms as $form)
<tr><td>{{ $form->name }}</td><td>{{ $form->controller }}</td><td>{{ $form->state }}</td><td class="figure">{{ $form->breaches }}</td>
<td class="figure">{{ $form->weaknesses }}</td><td class="figure">{{ $form->open }}</td><td class="figure">{{ $form->people }}</td></tr>
@endforeach
</tbody></table>

<h2>Scope and method</h2>
<p>Scope: {{ $page->row->scope }}. Signup points of ours are read from their sheets, by the form that visitors see, in each of their languages; forms from
 elsewhere from the pages that were brought here or fetched, without what somebody had typed into them. One judge for each requirement judges every form,
 wherever it came from. What was done at points of ours (confirmations, withdrawals and whom they reached, what is kept and how long, requests) is
 counted in the ledger, the deliveries and the registers. A verdict is a breach (must be mended), a weakness (should be mended), open (needs a
 person's word), met, or not applicable; where a requirement was not asked of a form, its place is blank. What a page says in a language that is not read
 here is judged by nothing, and asked of a person.</p>
<p>Only what was read is said. What a server does, what a linked page says and what scripts do later cannot be seen; where that matters the verdict is open.
 No form is called compliant here: this says what was checked, what was found, and what only a person can judge.</p>

<h2>Results by form</h2>
@foreach ($page->forms as $form)
<div class="held"><h3>{{ $form->name }}</h3>
<p class="soft">{{ $form->state }}. {{ $form->met }} What was looked at: <span class="mono">{{ $form->seen }}</span></p>
@if ($form->picture)<p class="picture">@if ($pdf)<img src="{{ $form->picture->data() }}" alt="">
@else @include('audit.picture', ['picture' => $form->picture]) @endif</p>
<p class="soft">Drawn from what was read, with the numbers of what was found there.</p>@endif
</div>
@forelse ($form->findings as $finding)
<div class="finding {{ $finding->verdict }}">
<p><b>{{ $finding->number }}. {{ $finding->word }}.</b> {{ $finding->requirement }} <span class="soft">{{ $finding->source }}</span></p>
<p>{{ $finding->says }}</p>
@if ($finding->words !== '')<blockquote>{{ $finding->words }}</blockquote>@endif
@if ($finding->where !== '')<p class="mono soft">{{ $finding->where }}</p>@endif
@if ($finding->mend !== '')<p class="soft">{{ $finding->mend }}</p>@endif
</div>
@empty
<p>{{ $form->answered === [] ? 'Nothing was found.' : 'Nothing was found that is not answered.' }}</p>
@endforelse
@foreach ($form->answered as $together)
<div class="finding">
<p><b>{{ $together->said }}</b></p>
@foreach ($together->findings as $finding)
<p>{{ $finding->number }}. {{ $finding->word }}. {{ $finding->requirement }} <span class="soft">{{ $finding->says }} {{ $finding->source }}</span></p>
@endforeach
</div>
@endforeach
@if (! $pdf && $form->bytes !== '')<details><summary>The bytes that visitors got, {{ number_format(strlen($form->bytes)) }} of them</summary>
<pre class="mono">{{ $form->bytes }}</pre></details>@endif
@endforeach

<h2>What only a lawyer can judge</h2>
<p>Whether consent is the fitting ground, whether whoever is asked is under pressure, whether refusing costs anything, whether decisions are made by machines
 alone, whether arrangements with joint controllers hold, and every question that is open above. Sources are named from memory, each with what of it is least
 sure; read them before you rely on them.</p>

<h2>For the record of processing (GDPR Art. 30)</h2>
@foreach ($page->processing as $entry)
<h3>{{ $entry->purpose }}</h3>
<table><tbody>
<tr><th>Controller</th><td>{{ $entry->controller }}</td></tr><tr><th>Contact</th><td>{{ $entry->contact }}</td></tr>
<tr><th>Ground</th><td>{{ $entry->basis }}</td></tr><tr><th>People</th><td>{{ $entry->people }}</td></tr><tr><th>Data</th><td>{{ $entry->data }}</td></tr>
<tr><th>Processors and other recipients</th><td>{{ $entry->recipients }}</td></tr><tr><th>Transfers outside</th><td>{{ $entry->transfers }}</td></tr>
<tr><th>Deleted</th><td>{{ $entry->deletion }}</td></tr>
</tbody></table>
@endforeach

<h2>Catalogue of requirements</h2>
<table><thead><tr><th>What must show</th><th>Source</th><th>How sure</th></tr></thead><tbody>
@foreach ($page->catalogue as $each)
<tr><td>{{ $each->title }}</td><td>{{ $each->source }}</td><td>{{ $each->kind }} {{ $each->sure }}</td></tr>
@endforeach
</tbody></table>
<p>These belong to the catalogue and were not judged, since what they would be judged by is not on record:</p>
<table><thead><tr><th>What must show</th><th>Source</th><th>Why it was not judged</th></tr></thead><tbody>
@foreach ($page->notJudged as $each)
<tr><td>{{ $each->title }}</td><td>{{ $each->source->text }}</td><td>{{ $each->lacks }}</td></tr>
@endforeach
</tbody></table>
</body>
</html>
