<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Accounts that are invited, end and ask for a second factor; and what everybody who works here did. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('password')->nullable()->change();
            $table->dateTime('signed_in_at', 6)->nullable();
            $table->dateTime('ended_at', 6)->nullable();
            // Encrypted with the application's key, which stands in no database.
            $table->text('code_secret')->nullable();
            $table->unsignedBigInteger('code_step')->nullable();
        });
        Schema::create('recovery_codes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->binary('digest', 32, true)->unique();
        });
        Schema::create('entry_links', function (Blueprint $table): void {
            $table->binary('id', 16, true)->primary();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 16);
            $table->dateTime('made_at', 6);
            $table->dateTime('ends_at', 6);
            $table->dateTime('used_at', 6)->nullable();
        });
        // Only ever added to. What it is about is a name or a number, never anybody's address.
        Schema::create('acts', function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at', 6)->index();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('kind', 32);
            $table->string('about', 80)->default('');
            $table->string('detail', 120)->default('');
            $table->index(['user_id', 'id']);
            $table->index(['kind', 'id']);
            $table->index(['about', 'id']);
        });
        foreach (['UPDATE', 'DELETE'] as $what) {
            DB::unprepared('CREATE TRIGGER acts_no_'.strtolower($what)." BEFORE $what ON acts FOR EACH ROW
                SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was done stays written: no $what.'");
        }
    }
};
