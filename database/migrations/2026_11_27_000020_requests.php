<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What people ask under Art. 15 to 21 of the GDPR, with the last day to answer. The row outlives the enquiry that it came with, without anything personal. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rights_requests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_edition_id')->constrained();
            $table->binary('enquiry_id', 16, true)->nullable();
            $table->string('asks', 16);
            $table->dateTime('received_at', 6);
            $table->date('due_on');
            $table->text('why_longer')->nullable();
            $table->dateTime('answered_at', 6)->nullable();
            $table->foreign('enquiry_id')->references('id')->on('enquiries')->nullOnDelete();
            $table->unique(['enquiry_id', 'asks']);
            $table->index(['answered_at', 'due_on']);
        });
    }
};
