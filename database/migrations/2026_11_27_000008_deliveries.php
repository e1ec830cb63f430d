<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Mails become deliveries, of which some go to people who work here; and the framework's queue for work that may be done twice. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('messages', 'deliveries');
        Schema::table('deliveries', function (Blueprint $table): void {
            $table->renameColumn('message_id', 'idempotency_key');
            $table->foreignId('user_id')->nullable()->after('subscriber_id')->constrained();
            $table->foreignId('subscriber_id')->nullable()->change();
            $table->foreignId('point_edition_id')->nullable()->change();
            $table->string('language', 8)->nullable()->change();
        });
        // Deliveries know by their key to which auditor the checkpoint of which day went.
        Schema::drop('checkpoint_mails');
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->uuid('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }
};
