<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Delivery\Outbox;
use App\Models\PublishedEdition;
use App\Support\PublishedForms;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Points\Recipient;
use Juramen\Points\RecipientGets;

/** Lays out, for every recipient who wants to know it once a day, how many enquiries came the day before; nothing where none did. */
final class CountForTeams
{
    public function __construct(
        private readonly Outbox $outbox, private readonly EnquiriesOfDay $count, private readonly PublishedForms $published,
        private readonly SystemClock $clock
    ) {}

    /** @return int how many mails there are for the day before */
    public function __invoke(): int
    {
        $day = $this->clock->today()->plus(-1);
        $laid = 0;
        foreach (Stored::texts(DB::table('points')->orderBy('id')->pluck('slug')) as $slug) {
            $edition = $this->published->current($slug);
            if ($edition === null) {
                continue;
            }
            $daily = array_filter($edition->sheet->draft->recipients, static fn (Recipient $r): bool => $r->gets === RecipientGets::Daily);
            foreach ($daily as $recipient) {
                if (($this->count)($slug, $recipient->id->text, $day) > 0) {
                    $row = PublishedEdition::query()->where('digest', $edition->digest()->bytes)->firstOrFail();
                    $this->outbox->countOfDay($row, $recipient->id->text, $day);
                    $laid++;
                }
            }
        }

        return $laid;
    }
}
