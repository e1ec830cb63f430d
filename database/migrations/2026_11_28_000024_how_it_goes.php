<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* What is counted of forms and of the way behind them: numbers of a day, never who. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('journeys', function (Blueprint $table): void {
            $table->string('placement', 32)->default('page');
            // Which of two confirmation mails chance allotted, while both were there.
            $table->string('allotted', 1)->nullable();
            // Whether the page behind the link was opened; forgotten when the sign-up ends, and then only counted.
            $table->boolean('opened')->default(false);
            $table->dateTime('confirmed_at', 6)->nullable();
        });
        DB::table('journeys')->where('state', 'confirmed')->update(['confirmed_at' => DB::raw('ended_at')]);
        Schema::create('flow_counts', function (Blueprint $table): void {
            $table->date('day');
            $table->binary('edition', 32, true);
            $table->string('language', 8);
            $table->string('what', 80);
            $table->unsignedInteger('count');
            $table->primary(['edition', 'day', 'language', 'what']);
        });
        // Files of counts that were added already, so that none is added twice.
        Schema::create('flow_files', function (Blueprint $table): void {
            $table->string('name', 60)->primary();
            $table->dateTime('added_at', 6)->index();
        });
    }
};
