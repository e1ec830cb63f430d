<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Registers\InForce;
use App\Models\HeldSubmission;
use App\Models\PointEdition as EditionRow;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Register\EmailAddress;

/** Keeps what screening does not let pass, encrypted and for a set time, until a person releases or deletes it. */
final class HoldSubmission
{
    public function __construct(
        private readonly SpendMark $spend,
        private readonly AcceptSignup $accept,
        private readonly PublishedForms $published,
        private readonly InForce $inForce,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  list<string>  $signals
     *
     * @throws MarkAlreadySpent
     */
    public function __invoke(Signup $signup, array $signals): void
    {
        DB::transaction(function () use ($signup, $signals): void {
            if (! ($this->spend)($signup)) {
                return;
            }
            HeldSubmission::query()->create([
                'point_edition_id' => EditionRow::query()->where('digest', $signup->edition->digest()->bytes)->valueOrFail('id'),
                'language' => $signup->language->value,
                'how' => $signup->how->value,
                'content' => ['email' => $signup->email->text, 'values' => $signup->values, 'statements' => $signup->statements, 'placement' => $signup->placement, 'network' => $signup->network],
                'signals' => implode(' ', $signals),
                'received_at' => $signup->occurred,
                'deleted_at' => $this->clock->instant()->plusDays($this->inForce->registers()->house->retentionDays['held']),
            ]);
        }, 3);
    }

    /** Lets a held submission go the way of every other. It occurred when it was sent; it is recorded now. */
    public function release(HeldSubmission $held): void
    {
        DB::transaction(function () use ($held): void {
            $row = HeldSubmission::query()->with('edition')->whereKey($held->id)->lockForUpdate()->first();
            if ($row === null) {
                return;
            }
            $content = $row->content;
            ($this->accept)(new Signup(
                $this->published->edition($row->edition->digest), $row->language, EmailAddress::parse($content['email']),
                $content['values'], $content['statements'], $row->how, $content['placement'], $row->received_at, null, $content['network'],
            ));
            $row->delete();
        }, 3);
    }
}
