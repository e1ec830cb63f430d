<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Enquiries that a person read as spam, and what words say by what people decided. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('enquiries', function (Blueprint $table): void {
            $table->boolean('spam')->default(false);
        });
        Schema::create('taught_words', function (Blueprint $table): void {
            $table->id();
            $table->mediumText('words');
            $table->dateTime('taught_at', 6);
        });
    }
};
