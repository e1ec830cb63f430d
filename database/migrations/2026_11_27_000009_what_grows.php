<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Keys for what grows with the people: what the desk counts is read by an index alone, and what belongs together is tied together. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('journeys', function (Blueprint $table): void {
            $table->index(['asked_at', 'state', 'point_edition_id']);
            $table->dropIndex(['asked_at']);
        });
        Schema::table('held_submissions', fn (Blueprint $table) => $table->index('received_at'));
        Schema::table('deliveries', function (Blueprint $table): void {
            $table->index(['state', 'settled_at']);
            $table->foreign('journey')->references('id')->on('journeys');
        });
        Schema::table('journey_answers', fn (Blueprint $table) => $table->foreign('journey')->references('id')->on('journeys'));
        // As long as the name of a purpose can be.
        Schema::table('permissions', fn (Blueprint $table) => $table->string('purpose', 100)->change());
        foreach (['subscribers', 'points', 'records'] as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->foreign('subject')->references('id')->on('subjects'));
        }
    }
};
