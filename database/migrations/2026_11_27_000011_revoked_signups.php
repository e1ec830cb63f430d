<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* A sign-up that was confirmed and withdrawn later is said to be withdrawn; until now it was called confirmed for ever. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            UPDATE journeys j
            JOIN (SELECT subscriber_id, MAX(since) AS at FROM permissions WHERE reason = 'withdrawn' GROUP BY subscriber_id) w USING (subscriber_id)
            SET j.state = 'revoked', j.ended_at = w.at
            WHERE j.state = 'confirmed' AND NOT EXISTS (SELECT 1 FROM permissions p WHERE p.subscriber_id = j.subscriber_id AND p.allowed)
            SQL);
    }
};
