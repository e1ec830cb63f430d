<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Which edition of which statement stands in which edition of a point, told by a table instead of by looking through the editions' bytes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('edition_statements', function (Blueprint $table): void {
            $table->foreignId('point_edition_id')->constrained();
            // Names the edition of the statement; no key leads there, since words that were never approved have none.
            $table->binary('statement', 32, true)->index();
            $table->primary(['point_edition_id', 'statement']);
        });
        foreach (DB::table('point_editions')->orderBy('id')->cursor() as $edition) {
            $statements = json_decode($edition->bytes, true, 64, JSON_THROW_ON_ERROR)['statements'];
            DB::table('edition_statements')->insertOrIgnore(
                array_map(static fn (array $s): array => ['point_edition_id' => $edition->id, 'statement' => hex2bin($s['edition'])], $statements)
            );
        }
    }
};
