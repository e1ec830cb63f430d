<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Models\ActKind;
use App\Models\TakenAudit;
use App\Models\User;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\DeedsLately;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Verdict;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;
use Juramen\Consent\Acts\Audited;

/** Keeps how every form stands now as an audit: its bytes are only added to, and the ledger names them by their digest. */
final class TakeAudit
{
    public function __construct(
        private readonly AuditNow $now, private readonly DeedsLately $deeds, private readonly AssignFinding $assigned,
        private readonly Append $append, private readonly ActLog $log
    ) {}

    /**
     * @param  User|null  $by  nobody where the clock takes it
     *
     * @throws Refused where there is nothing to audit
     */
    public function __invoke(?User $by): TakenAudit
    {
        $this->deeds->anew();
        $audit = ($this->now)($by?->named() ?? '');
        if ($audit->forms === []) {
            throw Refused::because(ActRefusal::NothingAudited);
        }
        $bytes = $audit->bytes();

        return DB::transaction(function () use ($audit, $bytes, $by): TakenAudit {
            // Pressed twice at the same moment, it is one audit.
            $same = TakenAudit::query()->where('digest', Digest::of($bytes)->bytes)->first();
            if ($same !== null) {
                return $same;
            }
            $taken = TakenAudit::query()->create([
                'digest' => Digest::of($bytes), 'taken_at' => $audit->taken, 'scope' => $audit->scope, 'user_id' => $by?->id,
                'bytes' => (string) gzcompress($bytes, 6),
            ]);
            ($this->append)($this->append->begin('record'), new Audited(
                $audit->taken, Digest::of($bytes), $audit->scope, count($audit->forms), $audit->count(Verdict::Breach), $audit->count(Verdict::Weakness),
                $audit->count(Verdict::Open), $by?->named() ?? 'the clock'
            ));
            $this->assigned->endMended($audit);
            if ($by !== null) {
                $this->log->write($by, ActKind::TookAudit, (string) $taken->id);
            }

            return $taken;
        }, 3);
    }
}
