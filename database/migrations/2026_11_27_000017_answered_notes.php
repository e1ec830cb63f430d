<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What somebody said to a note about a sentence of a statement: that it is in order, or that it was read wrongly. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('note_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('record_id')->constrained();
            $table->string('requirement', 40);
            $table->string('language', 5);
            // Of the sentence as it is written, so that an answer ends with it.
            $table->binary('sentence_digest', 32, true);
            $table->string('kind', 16);
            $table->string('verdict', 16);
            $table->text('sentence');
            $table->foreignId('made_by')->constrained('users');
            $table->dateTime('made_at', 6);
            $table->unique(['record_id', 'requirement', 'language', 'sentence_digest', 'kind'], 'one_answer');
            $table->index(['requirement', 'kind']);
        });
    }
};
