<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* By which yes somebody is permitted, so that lists can be counted; and who was handed over to which destination. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('permissions', function (Blueprint $table): void {
            $table->string('point', 60)->default('');
            $table->string('language', 8)->default('');
            // Names of the statements they said yes to, a space before and behind each.
            $table->string('statements', 4000)->default(' ');
        });
        Schema::create('handovers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('subscriber_id')->constrained();
            $table->string('destination', 60);
            $table->string('list', 60);
            // Whether they are to be on it there, since when, and what the destination last acknowledged.
            $table->boolean('wanted');
            $table->dateTime('wanted_at', 6);
            $table->string('told', 16)->nullable();
            $table->dateTime('told_at', 6)->nullable();
            $table->boolean('settled')->default(false);
            $table->unique(['subscriber_id', 'destination', 'list']);
            $table->index(['destination', 'list', 'wanted']);
            $table->index(['destination', 'settled']);
        });
        Schema::table('deliveries', fn (Blueprint $table) => $table->foreignId('handover_id')->nullable()->constrained());
        // The key is encrypted with the application's own; it stands in no record, no log and on no page.
        Schema::create('destination_keys', function (Blueprint $table): void {
            $table->string('destination', 60)->primary();
            $table->text('secret');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('set_at', 6);
        });
        // What a destination said of itself, and how a test went.
        Schema::create('destination_facts', function (Blueprint $table): void {
            $table->string('destination', 60)->primary();
            $table->mediumText('service')->nullable();
            $table->dateTime('fetched_at', 6)->nullable();
            $table->string('tested', 32)->nullable();
            $table->dateTime('tested_at', 6)->nullable();
        });
        // Which people of a list somebody looks for again and again.
        Schema::create('saved_filters', function (Blueprint $table): void {
            $table->id();
            $table->string('list', 60)->index();
            $table->string('name', 60);
            $table->string('query', 500);
            $table->foreignId('user_id')->constrained();
            $table->unique(['list', 'name']);
        });
        // How far people who were on a list before have been handed over, by the editions that said so.
        Schema::create('handover_passes', function (Blueprint $table): void {
            $table->string('destination', 60);
            $table->string('list', 60);
            $table->binary('by', 32, true);
            $table->unsignedBigInteger('reached')->default(0);
            $table->boolean('done')->default(false);
            $table->primary(['destination', 'list']);
        });
    }
};
