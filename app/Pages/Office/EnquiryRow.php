<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Support\Moments;
use App\Support\ValueName;
use Juramen\Canon\Day;
use Juramen\Points\FieldValue;
use Juramen\Points\SheetDraft;

/** What somebody sent besides any consent. */
final readonly class EnquiryRow
{
    /**
     * @param  list<KeptLine>  $values
     * @param  string  $stands  what is done about it
     * @param  string  $deleted  when it is deleted by itself; empty while it is not closed
     * @param  string  $due  the last day to answer what it asks for; empty where it asks for nothing that is open
     */
    private function __construct(
        public string $id, public string $received, public string $email, public array $values, public string $form, public string $stands,
        public string $deleted, public bool $doubtful, public bool $isClosed, public ?int $taker, public string $first, public string $due
    ) {}

    /**
     * @param  string  $point  what it is called
     * @param  SheetDraft|null  $sheet  that was published; null where its labels are not needed
     * @param  Day|null  $due  the last day to answer what it asks for
     */
    public static function of(Enquiry $enquiry, string $point, ?SheetDraft $sheet = null, ?Day $due = null): self
    {
        $content = $enquiry->content;
        $longest = array_reduce($content->values, static fn (string $a, FieldValue $v): string => mb_strlen($v->value) > mb_strlen($a) ? $v->value : $a, '');

        return new self(
            $enquiry->id->hex(), Moments::exact($enquiry->received_at), $content->email,
            array_map(static fn (FieldValue $v): KeptLine => new KeptLine(
                $sheet?->labelOf($v->name, $enquiry->language) ?: ValueName::of($v->name), $v->value
            ), $content->values),
            "$point, edition {$enquiry->edition->number}, {$enquiry->language->endonym()}",
            match ($enquiry->state) {
                EnquiryState::Open => 'nobody has taken it',
                EnquiryState::Taken => 'taken by '.($enquiry->user->name ?? 'somebody'),
                EnquiryState::Closed => ($enquiry->spam ? 'read as spam' : 'closed')
                    .($enquiry->closed_at === null ? '' : ' on '.Moments::date($enquiry->closed_at)),
            },
            $enquiry->deleted_at === null ? '' : Moments::date($enquiry->deleted_at), $enquiry->doubtful, $enquiry->state === EnquiryState::Closed,
            $enquiry->user_id, mb_strimwidth(str_replace("\n", ' ', $longest), 0, 90, '…'),
            $due === null ? '' : Moments::plain($due->text),
        );
    }
}
