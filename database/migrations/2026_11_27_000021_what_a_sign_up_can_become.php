<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * A sign-up can be mailed again and its address be mended, by whoever has just sent the form: they are known by the nonce of the mark that
 * they spent. No address is kept unconfirmed for more than thirty days from asking. What reaches people by their number is confirmed through
 * that number, on a path of its own beside that of the mail; entries name the consent that both belong to.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('journeys', function (Blueprint $table): void {
            $table->dateTime('mailed_at', 6)->nullable()->after('remind_at');
            $table->unsignedTinyInteger('resent')->default(0)->after('mailed_at');
            $table->binary('nonce', 16, true)->nullable()->index();
            $table->binary('consent', 16, true)->nullable()->index();
            $table->string('through', 8)->default('mail');
            $table->boolean('besides')->default(false);
        });
        DB::table('journeys')->update(['consent' => DB::raw('id')]);
        Schema::table('journeys', fn (Blueprint $table) => $table->binary('consent', 16, true)->nullable(false)->change());
        Schema::table('held_submissions', fn (Blueprint $table) => $table->binary('nonce', 16, true)->nullable()->index());
        Schema::table('enquiries', function (Blueprint $table): void {
            $table->binary('nonce', 16, true)->nullable()->index();
            $table->dateTime('corrected_at', 6)->nullable();
        });
        DB::statement("UPDATE journeys SET lapses_at = DATE_ADD(asked_at, INTERVAL 30 DAY) WHERE state = 'asked' AND lapses_at IS NULL");
        DB::statement('UPDATE journeys SET lapses_at = LEAST(lapses_at, DATE_ADD(asked_at, INTERVAL 30 DAY)) WHERE state IN (\'asked\', \'mailed\')');
        DB::statement("UPDATE journeys SET mailed_at = DATE_SUB(lapses_at, INTERVAL lapse_days DAY) WHERE state = 'mailed'");
    }
};
