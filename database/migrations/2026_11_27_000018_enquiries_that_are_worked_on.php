<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Enquiries go to recipients, are taken by somebody, and are deleted some time after they are closed; not before. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('enquiries', function (Blueprint $table): void {
            $table->string('state', 16)->default('open');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->boolean('doubtful')->default(false);
            $table->string('recipients', 1000)->default('');
            $table->dateTime('closed_at', 6)->nullable();
            $table->dateTime('deleted_at', 6)->nullable()->change();
            $table->index(['state', 'received_at']);
        });
        DB::table('enquiries')->update(['state' => 'closed', 'closed_at' => DB::raw('received_at')]);
        Schema::table('deliveries', function (Blueprint $table): void {
            $table->binary('enquiry_id', 16, true)->nullable()->after('journey')->index();
            $table->string('recipient', 60)->nullable()->after('enquiry_id');
        });
        Schema::create('user_controllers', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained();
            $table->foreignId('controller_id')->constrained();
            $table->primary(['user_id', 'controller_id']);
        });
    }
};
