<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which of two versions of a form chance allotted to a sign-up. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('journeys', function (Blueprint $table): void {
            $table->string('version', 6)->nullable();
        });
    }
};
