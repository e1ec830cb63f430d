<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What the resolver said of domains: whether they take mail, under a keyed digest, for some days. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('mail_domains', function (Blueprint $table): void {
            $table->binary('digest', 16, true)->primary();
            $table->boolean('takes');
            $table->dateTime('asked_at', 6)->index();
        });
    }
};
