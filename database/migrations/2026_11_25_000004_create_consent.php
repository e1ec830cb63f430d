<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/*
 * The people and what concerns them. Personal values stand only in `disclosures`, `contact_points` (as a keyed
 * digest), `enquiries` and `held_submissions`; everything else carries ids.
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
        // The heads of sealed chains and the map over them, as the newest checkpoint commits it; can be built anew from the ledger.
        Schema::create('chain_heads', function (Blueprint $table): void {
            $table->binary('subject', 16, true)->primary();
            $table->unsignedSmallInteger('bucket')->index();
            $table->unsignedInteger('sequence');
            $table->binary('digest', 32, true);
        });
        Schema::create('chain_map', function (Blueprint $table): void {
            $table->unsignedTinyInteger('level');
            $table->unsignedSmallInteger('idx');
            $table->binary('hash', 32, true);
            $table->primary(['level', 'idx']);
        });
        // Keyed digests of addresses whose owners are to be left alone, whatever else is known of them or not any more.
        Schema::create('do_not_contact', function (Blueprint $table): void {
            $table->binary('lookup', 32, true)->primary();
            $table->dateTime('since', 6);
        });
        // To which auditor the checkpoint of which day was mailed.
        Schema::create('checkpoint_mails', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained();
            $table->date('day');
            $table->dateTime('sent_at', 6);
            $table->primary(['user_id', 'day']);
        });
        // What is posted to forms, counted for a stretch of seconds by keyed digests; in memory, since it is worth nothing after.
        Schema::create('flood', function (Blueprint $table): void {
            $table->engine('MEMORY');
            $table->binary('id', 16, true)->primary();
            $table->unsignedInteger('n');
            $table->unsignedInteger('ends')->index();
        });
        // How often a mailbox was entered within a day, by keyed digest: nobody floods an inbox.
        Schema::create('mailbox_counts', function (Blueprint $table): void {
            $table->binary('mailbox', 32, true)->primary();
            $table->binary('times', 800);
            $table->unsignedBigInteger('newest')->index();
        });
        // How much upkeep deleted on a day, for the desk.
        Schema::create('deletions', function (Blueprint $table): void {
            $table->date('day');
            $table->string('what', 32);
            $table->unsignedInteger('count');
            $table->primary(['day', 'what']);
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
            // Of whose crowd it is, by keyed digest while it waits, and its place in the queue, later the more of that crowd wait.
            $table->binary('crowd', 8, true)->nullable();
            $table->dateTime('turn_at', 6);
            $table->index(['state', 'due_at']);
            $table->index(['state', 'turn_at']);
            $table->index(['crowd', 'state']);
            $table->index(['point_edition_id', 'state']);
        });
        Schema::create('spent_marks', function (Blueprint $table): void {
            $table->binary('nonce', 16, true)->primary();
            $table->binary('content', 32, true);
            $table->dateTime('spent_at', 6)->index();
        });
        // What people wanted besides any consent: a message, an entry, an order.
        Schema::create('enquiries', function (Blueprint $table): void {
            $table->binary('id', 16, true)->primary();
            $table->foreignId('point_edition_id')->constrained();
            $table->foreignId('controller_id')->constrained();
            $table->binary('lookup', 32, true)->index();
            $table->string('language', 8);
            $table->mediumText('content');
            $table->dateTime('received_at', 6)->index();
            $table->dateTime('deleted_at', 6)->index();
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
