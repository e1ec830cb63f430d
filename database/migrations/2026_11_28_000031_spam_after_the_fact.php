<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What screening made of a sign-up, as long as it stands, and whether somebody found it to be a program's after all. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('journeys', function (Blueprint $table): void {
            $table->unsignedBigInteger('assessed_id')->nullable();
            $table->boolean('found_spam')->default(false);
        });
    }
};
