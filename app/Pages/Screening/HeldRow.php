<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use App\Models\HeldDecision;
use App\Models\HeldSubmission;
use App\Pages\Office\KeptLine;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\ValueName;
use Juramen\Points\FieldValue;
use Juramen\Screening\Assessment;

/** A submission that screening holds: what somebody sent, and why it waits. */
final readonly class HeldRow
{
    /** Characters of what was written that stand in a line. */
    private const QUOTED = 30;

    /**
     * @param  string  $quote  by which it is known in a line
     * @param  list<KeptLine>  $values
     * @param  non-empty-list<SumLine>  $sum
     */
    private function __construct(
        public string $id, public string $received, public string $point, public string $edition, public string $email, public string $quote,
        public array $values, public int $risk, public string $total, public array $sum, public string $deleted, public ?HeldDecision $decided,
        public string $by
    ) {}

    public static function of(HeldSubmission $held, Assessment $assessed, RegistersInForce $registers): self
    {
        $values = array_map(static fn (FieldValue $v): KeptLine => new KeptLine(ValueName::of($v->name), $v->value), $held->content->values);
        $longest = array_reduce($values, static fn (string $long, KeptLine $l): string => mb_strlen($l->value) > mb_strlen($long) ? $l->value : $long, '');
        $quote = trim((string) preg_replace('/\s+/u', ' ', $longest === '' ? $held->content->email : $longest));

        return new self(
            (string) $held->id, Moments::minute($held->received_at),
            $registers->nameOf($held->edition->point->slug), 'edition '.$held->edition->number.', '.$held->language->endonym(), $held->content->email,
            mb_strlen($quote) > self::QUOTED ? mb_substr($quote, 0, self::QUOTED - 1).'…' : $quote, $values, $assessed->risk,
            WeightRow::number($assessed->sum), SumLine::all($assessed), Moments::date($held->deleted_at), $held->decided, $held->user->name ?? ''
        );
    }
}
