<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* From when on which weights held; and lines by which one point departs from those of the house, or follows them again where there are none. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('screening_weights', function (Blueprint $table): void {
            $table->id();
            $table->text('weights');
            // On how many decisions they rest; none where ours were taken up again.
            $table->unsignedInteger('decided');
            $table->string('reason', 500);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('adopted_at', 6);
        });
        Schema::table('screening_lines', function (Blueprint $table): void {
            $table->foreignId('point_id')->nullable()->constrained();
            $table->unsignedTinyInteger('puzzle')->nullable()->change();
            $table->unsignedTinyInteger('hold')->nullable()->change();
            $table->unsignedTinyInteger('refuse')->nullable()->change();
            $table->index(['point_id', 'id']);
        });
        Schema::table('held_submissions', function (Blueprint $table): void {
            // What a person decided, and what is not carried out yet.
            $table->string('decided', 6)->nullable();
            $table->dateTime('decided_at', 6)->nullable();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->index('decided_at');
        });
    }
};
