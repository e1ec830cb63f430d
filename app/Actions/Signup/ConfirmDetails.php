<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Models\KnownSignup;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\Corrected;
use Juramen\Log\Disclosure;
use Juramen\Points\FieldValue;

/** Somebody known has details taken over that were entered with their address. */
final class ConfirmDetails
{
    public function __construct(private readonly Append $append, private readonly KnownPeople $known, private readonly SystemClock $clock) {}

    /** @return bool whether there was anything to take over; pressing again changes nothing */
    public function __invoke(Id $id): bool
    {
        return DB::transaction(function () use ($id): bool {
            $found = KnownSignup::query()->with('subscriber')->whereKey($id->bytes)->first();
            if ($found === null) {
                return false;
            }
            $chain = $this->append->hold($found->subscriber->subject);
            $known = KnownSignup::query()->with('subscriber', 'edition.point')->whereKey($id->bytes)->lockForUpdate()->first();
            $now = $this->clock->instant();
            $changes = $known === null || $now->isAfter($known->ends_at) ? [] : $this->known->changes($known);
            if ($known === null || $changes === []) {
                return false;
            }
            $kept = array_map(static fn (FieldValue $v): Disclosure => Disclosure::make($v->name, $v->value), $changes);
            $digests = array_map(static fn (Disclosure $d): Digest => $d->digest(), $kept);
            ($this->append)($chain, new Corrected($now, $known->edition->point->slug, $known->edition->digest, $known->language, $digests), $kept);
            $known->delete();

            return true;
        }, 5);
    }
}
