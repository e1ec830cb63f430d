<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Who is to mend what was found, and by when; and the files on which answers rest. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('assignments', function (Blueprint $table): void {
            $table->id();
            // Kind and id of the form, such as "point footer-newsletter".
            $table->string('form', 80);
            $table->string('requirement', 40);
            $table->string('place', 500);
            $table->binary('finding', 32, true);
            // Who is to mend it, by when, and what was said to them.
            $table->foreignId('user_id')->constrained();
            $table->date('due');
            $table->string('note', 1000);
            $table->foreignId('made_by')->constrained('users');
            $table->dateTime('made_at', 6);
            $table->dateTime('ended_at', 6)->nullable();
            $table->index(['ended_at', 'due']);
            $table->index(['form', 'ended_at']);
        });
        // On what answers rest: encrypted, and named in the ledger by the digest of what they hold.
        Schema::create('answer_files', function (Blueprint $table): void {
            $table->binary('digest', 32, true)->primary();
            $table->string('name', 120);
            $table->string('type', 60);
        });
        DB::statement('ALTER TABLE answer_files ADD COLUMN bytes MEDIUMTEXT NOT NULL');
        Schema::table('audit_answers', function (Blueprint $table): void {
            $table->binary('file', 32, true)->nullable();
            // Of what is counted, how many were accepted: more are not.
            $table->unsignedInteger('times')->default(1);
        });
    }
};
