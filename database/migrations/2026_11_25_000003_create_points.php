<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Registers, statements and sheets with their revisions, what was approved of them, and the editions of points that were published. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('controllers', function (Blueprint $table): void {
            $table->id();
            $table->string('slug')->unique();
        });
        // Whatever is written and revised here: sheets, statements, registers, house rules. One document each.
        Schema::create('records', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 16);
            $table->string('slug', 100);
            // Its chain in the ledger, from the first approval; a point's own is the point's.
            $table->binary('subject', 16, true)->nullable()->unique();
            $table->dateTime('retired_at', 6)->nullable();
            $table->foreignId('retired_by')->nullable()->constrained('users');
            $table->string('retired_why', 500)->default('');
            $table->unique(['kind', 'slug']);
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('record_id')->constrained();
            $table->unsignedInteger('number');
            // The revision in which this state was first reached, and the state it was reached from: undo and redo.
            $table->unsignedInteger('state');
            $table->unsignedInteger('from_state');
            $table->string('said', 200)->default('');
            $table->longText('document');
            $table->foreignId('author_id')->constrained('users');
            $table->dateTime('saved_at', 6);
            $table->unique(['record_id', 'number']);
        });
        // Submitted for approval, and what became of it.
        Schema::create('proposals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('record_id')->constrained();
            $table->unsignedInteger('revision');
            $table->foreignId('submitted_by')->constrained('users');
            $table->dateTime('submitted_at', 6);
            $table->string('comment', 1000)->default('');
            $table->string('decision', 16)->nullable()->index();
            $table->foreignId('decided_by')->nullable()->constrained('users');
            $table->dateTime('decided_at', 6)->nullable();
            $table->string('reply', 1000)->default('');
        });
        // Approved, numbered, never changed; named by the SHA-256 of their canonical JSON.
        Schema::create('editions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('record_id')->constrained();
            $table->unsignedInteger('number');
            $table->binary('digest', 32, true)->unique();
            $table->longText('bytes')->charset('binary');
            $table->unsignedInteger('revision');
            $table->foreignId('approved_by')->constrained('users');
            $table->dateTime('approved_at', 6);
            $table->string('comment', 1000)->default('');
            $table->date('effective')->index();
            $table->unique(['record_id', 'number']);
        });
        Schema::create('points', function (Blueprint $table): void {
            $table->id();
            $table->string('slug')->unique();
            $table->binary('subject', 16, true)->unique();
            $table->foreignId('controller_id')->constrained();
            $table->foreignId('record_id')->unique()->constrained();
        });
        Schema::create('point_editions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_id')->constrained();
            $table->unsignedInteger('number');
            $table->binary('digest', 32, true)->unique();
            $table->longText('bytes')->charset('binary');
            // The revision of the sheet that it was made of.
            $table->unsignedInteger('revision');
            $table->foreignId('published_by')->constrained('users');
            $table->dateTime('published_at', 6);
            $table->unique(['point_id', 'number']);
        });
        Schema::create('exceptions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_id')->constrained();
            $table->string('requirement', 64);
            $table->string('place');
            $table->text('reason');
            $table->date('until');
            $table->foreignId('made_by')->constrained('users');
            $table->dateTime('made_at', 6);
        });
        Schema::create('frozen_bytes', function (Blueprint $table): void {
            $table->binary('digest', 32, true)->primary();
            $table->string('type', 16);
            $table->longText('bytes')->charset('binary');
        });
    }
};
