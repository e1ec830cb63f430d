<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Registers, statements, sheets with their revisions, and the editions that were published of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('controllers', function (Blueprint $table): void {
            $table->id();
            $table->string('slug')->unique();
            $table->longText('document');
            $table->longText('rules');
        });
        Schema::create('purposes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('controller_id')->constrained();
            $table->string('slug')->unique();
            $table->longText('names');
        });
        Schema::create('statement_editions', function (Blueprint $table): void {
            $table->id();
            $table->string('statement');
            $table->unsignedInteger('number');
            $table->binary('digest', 32, true)->unique();
            $table->longText('document');
            $table->foreignId('approved_by')->nullable()->constrained('users');
            $table->dateTime('approved_at', 6)->nullable();
            $table->unique(['statement', 'number']);
        });
        Schema::create('points', function (Blueprint $table): void {
            $table->id();
            $table->string('slug')->unique();
            $table->binary('subject', 16, true)->unique();
            $table->foreignId('controller_id')->constrained();
        });
        Schema::create('sheet_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_id')->constrained();
            $table->unsignedInteger('number');
            // The revision in which this state was first reached, and the state it was reached from: undo and redo.
            $table->unsignedInteger('state');
            $table->unsignedInteger('from_state');
            $table->string('said', 200)->default('');
            $table->longText('document');
            $table->foreignId('author_id')->constrained('users');
            $table->dateTime('saved_at', 6);
            $table->unique(['point_id', 'number']);
        });
        Schema::create('point_editions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_id')->constrained();
            $table->unsignedInteger('number');
            $table->binary('digest', 32, true)->unique();
            $table->longText('bytes')->charset('binary');
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
