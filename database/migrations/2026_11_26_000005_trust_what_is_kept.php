<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * What makes tampering show, keeps floods out and ends what is kept: heads of chains, people to be left alone, enquiries, fair turns
 * of mails, pauses. Instances of the days in between have some of it already, so each part looks first.
 */
return new class extends Migration
{
    public function up(): void
    {
        $this->column('points', 'paused_at', fn (Blueprint $table) => $table->dateTime('paused_at', 6)->nullable());
        // The digest of what was found, with which an exception ends; one from before there were digests holds for nothing any more.
        $this->column('exceptions', 'finding', fn (Blueprint $table) => $table->binary('finding', 32, true)->default(str_repeat("\0", 32)));
        $this->chains();
        $this->people();
        $this->counts();
        if (! Schema::hasColumn('messages', 'turn_at')) {
            Schema::table('messages', function (Blueprint $table): void {
                // Of whose crowd it is, by keyed digest while it waits, and its place in the queue, later the more of that crowd wait.
                $table->binary('crowd', 8, true)->nullable();
                $table->dateTime('turn_at', 6)->nullable();
                $table->index(['state', 'turn_at']);
                $table->index(['crowd', 'state']);
                $table->index(['point_edition_id', 'state']);
            });
            DB::statement('UPDATE messages SET turn_at = due_at');
            Schema::table('messages', fn (Blueprint $table) => $table->dateTime('turn_at', 6)->nullable(false)->change());
        }
    }

    private function chains(): void
    {
        // The heads of sealed chains and the map over them, as the newest checkpoint commits it; can be built anew from the ledger.
        $this->table('chain_heads', function (Blueprint $table): void {
            $table->binary('subject', 16, true)->primary();
            $table->unsignedSmallInteger('bucket')->index();
            $table->unsignedInteger('sequence');
            $table->binary('digest', 32, true);
        });
        $this->table('chain_map', function (Blueprint $table): void {
            $table->unsignedTinyInteger('level');
            $table->unsignedSmallInteger('idx');
            $table->binary('hash', 32, true);
            $table->primary(['level', 'idx']);
        });
        // To which auditor the checkpoint of which day was mailed.
        $this->table('checkpoint_mails', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained();
            $table->date('day');
            $table->dateTime('sent_at', 6);
            $table->primary(['user_id', 'day']);
        });
    }

    private function people(): void
    {
        // Keyed digests of addresses whose owners are to be left alone, whatever else is known of them or not any more.
        $this->table('do_not_contact', function (Blueprint $table): void {
            $table->binary('lookup', 32, true)->primary();
            $table->dateTime('since', 6);
        });
        // What people wanted besides any consent: a message, an entry, an order.
        $this->table('enquiries', function (Blueprint $table): void {
            $table->binary('id', 16, true)->primary();
            $table->foreignId('point_edition_id')->constrained();
            $table->foreignId('controller_id')->constrained();
            $table->binary('lookup', 32, true)->index();
            $table->string('language', 8);
            $table->mediumText('content');
            $table->dateTime('received_at', 6)->index();
            $table->dateTime('deleted_at', 6)->index();
        });
    }

    private function counts(): void
    {
        // What is posted to forms, counted for a stretch of seconds by keyed digests; in memory, since it is worth nothing after.
        $this->table('flood', function (Blueprint $table): void {
            $table->engine('MEMORY');
            $table->binary('id', 16, true)->primary();
            $table->unsignedInteger('n');
            $table->unsignedInteger('ends')->index();
        });
        // How often a mailbox was entered within a day, by keyed digest: nobody floods an inbox.
        $this->table('mailbox_counts', function (Blueprint $table): void {
            $table->binary('mailbox', 32, true)->primary();
            $table->binary('times', 800);
            $table->unsignedBigInteger('newest')->index();
        });
        // How much upkeep deleted on a day, for the desk.
        $this->table('deletions', function (Blueprint $table): void {
            $table->date('day');
            $table->string('what', 32);
            $table->unsignedInteger('count');
            $table->primary(['day', 'what']);
        });
    }

    private function table(string $name, Closure $columns): void
    {
        if (! Schema::hasTable($name)) {
            Schema::create($name, $columns);
        }
    }

    private function column(string $table, string $name, Closure $column): void
    {
        if (! Schema::hasColumn($table, $name)) {
            Schema::table($table, $column);
        }
    }
};
