<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Forms from elsewhere with each reading of them, audits as they were taken, and what was said of findings. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('foreign_forms', function (Blueprint $table): void {
            $table->id();
            $table->string('slug', 60)->unique();
            $table->string('name', 120);
            // Where its page stands; empty for what was pasted.
            $table->string('address', 1000);
            // Which form of its page it is, from 0.
            $table->unsignedSmallInteger('nth');
            $table->foreignId('controller_id')->nullable()->constrained();
            // The signup point of ours that it is a copy of.
            $table->foreignId('point_id')->nullable()->constrained();
            $table->boolean('watched');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('added_at', 6);
            $table->dateTime('put_away_at', 6)->nullable();
            $table->index(['watched', 'put_away_at']);
        });
        Schema::create('foreign_pages', function (Blueprint $table): void {
            $table->binary('digest', 32, true)->primary();
        });
        // Compressed, without what was typed and without tokens.
        DB::statement('ALTER TABLE foreign_pages ADD COLUMN bytes MEDIUMBLOB NOT NULL');
        Schema::create('foreign_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('foreign_form_id')->constrained();
            $table->binary('page', 32, true);
            $table->string('language', 5)->nullable();
            // "pasted", "file", "address" or "watched".
            $table->string('how', 10);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->dateTime('read_at', 6);
            // A watched page that could not be read, in a short code; the page is then the last that could.
            $table->string('fault', 40);
            // Somebody looked at what is other than before.
            $table->dateTime('looked_at', 6)->nullable();
            $table->index(['foreign_form_id', 'id']);
        });
        // The mail that a form sends, as far as it is judged: nothing of whoever it was sent to.
        Schema::create('foreign_mails', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('foreign_form_id')->constrained();
            $table->mediumText('mail');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('read_at', 6);
            $table->index(['foreign_form_id', 'id']);
        });
        Schema::create('audits', function (Blueprint $table): void {
            $table->id();
            $table->binary('digest', 32, true)->unique();
            $table->dateTime('taken_at', 6)->index();
            $table->string('scope', 200);
            $table->foreignId('user_id')->nullable()->constrained();
        });
        DB::statement('ALTER TABLE audits ADD COLUMN bytes MEDIUMBLOB NOT NULL');
        foreach (['foreign_pages', 'audits'] as $kept) {
            foreach (['UPDATE', 'DELETE'] as $what) {
                DB::unprepared("CREATE TRIGGER {$kept}_no_".strtolower($what)." BEFORE $what ON $kept FOR EACH ROW
                    SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was audited is only added to'");
            }
        }
        Schema::create('suspensions', function (Blueprint $table): void {
            $table->id();
            $table->binary('suspension', 16, true)->unique();
            $table->foreignId('point_id')->constrained();
            $table->string('requirement', 40);
            $table->binary('finding', 32, true);
            $table->string('reason', 1000);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('made_at', 6);
            // The last person whose entry was written, and when all were.
            $table->unsignedBigInteger('reached')->default(0);
            $table->dateTime('done_at', 6)->nullable();
            $table->string('lift_reason', 1000)->default('');
            $table->foreignId('lifted_by')->nullable()->constrained('users');
            $table->dateTime('lifted_at', 6)->nullable();
            $table->dateTime('restored_at', 6)->nullable();
            $table->index(['point_id', 'lifted_at']);
        });
        // Whom it touched, so that lifting reaches exactly them.
        Schema::create('suspended_subscribers', function (Blueprint $table): void {
            $table->foreignId('suspension_id')->constrained();
            $table->foreignId('subscriber_id')->constrained();
            $table->dateTime('restored_at', 6)->nullable();
            $table->primary(['suspension_id', 'subscriber_id']);
        });
        Schema::create('audit_answers', function (Blueprint $table): void {
            $table->id();
            // Kind and id of the form, such as "point footer-newsletter".
            $table->string('form', 80);
            $table->string('requirement', 40);
            $table->string('place', 500);
            $table->binary('finding', 32, true);
            // "met" or "accepted".
            $table->string('says', 10);
            $table->string('reason', 1000);
            $table->date('until');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('made_at', 6);
            $table->dateTime('ended_at', 6)->nullable();
            $table->index(['form', 'ended_at']);
        });
    }
};
