<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What came lately, by keyed digests that end by themselves; and what people decided of what was judged. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('seen_lately', function (Blueprint $table): void {
            $table->id();
            // What it is a digest of: n network, d domain, p pattern of an address, t text.
            $table->char('of', 1);
            $table->binary('digest', 16, true);
            // By whom, so that the same person twice is one.
            $table->binary('by', 16, true);
            $table->unsignedInteger('at');
            $table->index(['digest', 'of', 'at']);
            $table->index('at');
        });
        Schema::table('assessed_submissions', function (Blueprint $table): void {
            $table->text('signals')->change();
            $table->string('decided', 4)->nullable();
            $table->index(['assessed_at', 'risk']);
        });
        Schema::table('held_submissions', function (Blueprint $table): void {
            $table->text('signals')->change();
            $table->unsignedBigInteger('assessed_id')->nullable();
        });
    }
};
