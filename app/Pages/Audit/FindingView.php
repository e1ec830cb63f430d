<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\AuditAnswer;
use App\Support\Moments;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\Requirements;
use Juramen\Audit\Verdict;

/** A finding as it stands in the margin of the audit. */
final readonly class FindingView
{
    /**
     * @param  string  $name  of the requirement
     * @param  string|null  $answered  what was said of it, by whom, and until when
     * @param  int|null  $answer  number of that answer
     * @param  bool  $hasFile  whether it rests on a file
     * @param  string|null  $record  the page of the record on which it stands; null where it is none
     * @param  AssignedView|null  $assigned  who is to mend it, where somebody is
     * @param  bool  $isNew  whether the last audit had none of it
     */
    private function __construct(
        public string $digest, public string $requirement, public string $name, public string $verdict, public string $word, public string $says,
        public string $words, public string $where, public string $source, public string $mend, public ?string $answered, public string $reason,
        public ?int $answer, public bool $hasFile, public bool $isNew, public bool $isQuestion, public ?AssignedView $assigned,
        public ?string $record
    ) {}

    public static function of(AuditedFinding $finding, ?AuditAnswer $answer, bool $isNew, ?AssignedView $assigned): self
    {
        return new self(
            $finding->digest()->hex(), $finding->requirement, Grid::named($finding->requirement), $finding->verdict->value,
            ucfirst((string) __("office.verdicts.{$finding->verdict->value}")),
            $finding->says.($finding->languages === '' ? '' : " ($finding->languages)"),
            self::shown($finding->words), $finding->where, (string) Requirements::find($finding->requirement)?->source()->text, $finding->mend,
            self::answered($finding, $answer), (string) $answer?->reason, $answer?->id, $answer?->file !== null, $isNew,
            $finding->verdict === Verdict::Open, $assigned, self::record($finding->where)
        );
    }

    /** As many of its words as the margin has room for. */
    public static function shown(string $words): string
    {
        return mb_strimwidth($words, 0, 160, '…');
    }

    private static function record(string $where): ?string
    {
        $steps = explode('/', $where);

        return count($steps) === 3 && $steps[0] === 'records' ? route('records.show', [$steps[1], $steps[2]]) : null;
    }

    private static function answered(AuditedFinding $finding, ?AuditAnswer $answer): ?string
    {
        if ($answer === null) {
            return $finding->excepted ? 'Excepted with its publication' : null;
        }

        return __("office.answer-says.{$answer->says->value}")." by {$answer->user->name} on ".Moments::day($answer->made_at)
            .', until '.Moments::plain($answer->until);
    }
}
