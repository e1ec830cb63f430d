<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Support\Stored;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Canon\Digest;
use Juramen\Register\Language;

/** Reads forms from elsewhere from the pages as they are kept. A page of many forms is asked for by each of them in turn, and is read once. */
final class ReadForms
{
    /** The page that was read last: its digest, address and language. */
    private string $last = '';

    /** @var list<Reading> its forms */
    private array $readings = [];

    public function newest(ForeignForm $form): ReadForm
    {
        return $this->at($form->newest ?? $form->readings()->orderByDesc('id')->firstOrFail(), $form);
    }

    public function at(ForeignReading $read, ForeignForm $form): ReadForm
    {
        $reading = $this->reading($form, $read);

        return new ReadForm($form, $read, $reading, $reading === null ? [] : Requirements::judge($reading));
    }

    /** The reading before one, of a page that was another then; null where there is none. */
    public function before(ForeignReading $read): ?ForeignReading
    {
        return ForeignReading::query()->where('foreign_form_id', $read->foreign_form_id)->where('id', '<', $read->id)->where('page', '!=', $read->page->bytes)
            ->orderByDesc('id')->first();
    }

    public function page(Digest $digest): string
    {
        return (string) gzuncompress(Stored::text(DB::table('foreign_pages')->where('digest', $digest->bytes)->value('bytes')));
    }

    private function reading(ForeignForm $form, ForeignReading $read): ?Reading
    {
        return ($this->on($read, $form)[$read->nth] ?? null)?->withMail($form->mail?->sent());
    }

    /** @return list<Reading> all forms of the page of a reading */
    public function on(ForeignReading $read, ForeignForm $form): array
    {
        $page = implode(' ', [$read->page->hex(), $form->address, $read->language]);
        if ($page !== $this->last) {
            $language = $read->language === null ? null : Language::tryFrom($read->language);
            [$this->readings, $this->last] = [HtmlReader::read($this->page($read->page), $form->address, $language), $page];
        }

        return $this->readings;
    }
}
