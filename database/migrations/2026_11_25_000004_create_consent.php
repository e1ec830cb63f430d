<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/*
 * The people and what concerns them. Personal values stand only in `disclosures`, `contact_points` (as a keyed
 * digest) and `held_submissions`; everything else carries ids.
 */
return new class extends Migration
{
    public function up(): void
    {
        // One row for each chain of the ledger: whoever appends holds its lock.
        Schema::create('subjects', function (Blueprint $table): void {
            $table->binary('id', 16, true)->primary();
            $table->string('kind', 16);
        });
        Schema::create('subscribers', function (Blueprint $table): void {
            $table->id();
            $table->binary('subject', 16, true)->unique();
            $table->foreignId('controller_id')->constrained();
            $table->dateTime('first_seen', 6);
        });
        Schema::create('contact_points', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('subscriber_id')->constrained();
            $table->foreignId('controller_id')->constrained();
            $table->string('kind', 16);
            $table->binary('lookup', 32, true);
            $table->unique(['lookup', 'kind', 'controller_id']);
        });
        Schema::create('disclosures', function (Blueprint $table): void {
            $table->id();
            $table->binary('subject', 16, true)->index();
            $table->binary('entry', 16, true)->index();
            $table->binary('digest', 32, true);
            $table->text('text');
        });
        Schema::create('journeys', function (Blueprint $table): void {
            $table->binary('id', 16, true)->primary();
            $table->foreignId('subscriber_id')->constrained();
            $table->foreignId('point_edition_id')->constrained();
            $table->string('language', 8);
            $table->string('state', 16);
            $table->unsignedSmallInteger('lapse_days');
            $table->dateTime('asked_at', 6)->index();
            $table->dateTime('lapses_at', 6)->nullable();
            $table->dateTime('remind_at', 6)->nullable()->index();
            $table->dateTime('ended_at', 6)->nullable();
            $table->index(['state', 'lapses_at']);
        });
        // To which editions of statements somebody said yes in a journey.
        Schema::create('journey_answers', function (Blueprint $table): void {
            $table->id();
            $table->binary('journey', 16, true);
            $table->binary('edition', 32, true)->index();
            $table->unique(['journey', 'edition']);
        });
        Schema::create('permissions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('subscriber_id')->constrained();
            $table->string('purpose');
            $table->string('channel', 16);
            $table->string('reason', 32);
            $table->boolean('allowed');
            $table->dateTime('since', 6);
            $table->binary('entry', 16, true);
            $table->unique(['subscriber_id', 'purpose', 'channel']);
            $table->index(['purpose', 'channel', 'allowed']);
        });
        Schema::create('messages', function (Blueprint $table): void {
            $table->id();
            $table->string('message_id', 64)->unique();
            $table->string('kind', 32);
            $table->foreignId('subscriber_id')->constrained();
            $table->binary('journey', 16, true)->nullable()->index();
            $table->foreignId('point_edition_id')->constrained();
            $table->string('language', 8);
            $table->string('state', 16);
            $table->unsignedSmallInteger('attempts')->default(0);
            $table->dateTime('due_at', 6);
            $table->dateTime('made_at', 6);
            $table->dateTime('claimed_at', 6)->nullable();
            $table->dateTime('settled_at', 6)->nullable();
            $table->string('problem', 64)->nullable();
            $table->index(['state', 'due_at']);
        });
        Schema::create('spent_marks', function (Blueprint $table): void {
            $table->binary('nonce', 16, true)->primary();
            $table->binary('content', 32, true);
            $table->dateTime('spent_at', 6)->index();
        });
        Schema::create('held_submissions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_edition_id')->constrained();
            $table->string('language', 8);
            $table->string('how', 16);
            $table->text('content');
            $table->string('signals');
            $table->dateTime('received_at', 6);
            $table->dateTime('deleted_at', 6)->index();
        });
    }
};
