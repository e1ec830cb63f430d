<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Casts\Instants;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Points\FieldKinds;
use Juramen\Points\FieldMeaning;
use Juramen\Screening\Text\TaughtText;
use Juramen\Screening\Text\TaughtWords;

/**
 * Learns words anew from the enquiries that are kept: those read as spam, and those that somebody worked on and closed. What was deleted or erased
 * since teaches no longer.
 */
final class TeachWords
{
    /** The newest enquiries of each kind that are learned from: each is opened for it. */
    private const MOST = 2000;

    public function __construct(private readonly SystemClock $clock) {}

    public function __invoke(): TaughtWords
    {
        $texts = [];
        foreach ([true, false] as $spam) {
            $closed = Enquiry::query()->where('state', EnquiryState::Closed)->where('spam', $spam)->orderByDesc('received_at')->limit(self::MOST);
            foreach ($closed->lazy(200) as $enquiry) {
                $texts[] = self::text($enquiry, $spam);
            }
        }
        $words = TaughtWords::of($texts);
        DB::transaction(function () use ($words): void {
            DB::table('taught_words')->delete();
            DB::table('taught_words')->insert([
                'words' => (string) json_encode($words->toArray(), JSON_UNESCAPED_UNICODE), 'taught_at' => Instants::write($this->clock->instant()),
            ]);
        }, 3);

        return $words;
    }

    private static function text(Enquiry $enquiry, bool $spam): TaughtText
    {
        [$names, $written] = [[strstr($enquiry->content->email, '@', true) ?: ''], []];
        foreach ($enquiry->content->values as $value) {
            if (FieldKinds::disclosedAs($value->name)->meaning() === FieldMeaning::Name) {
                $names[] = $value->value;
            } else {
                $written[] = $value->value;
            }
        }

        return TaughtText::of($enquiry->lookup->hex(), implode("\n", $written), implode(' ', $names), $spam);
    }
}
