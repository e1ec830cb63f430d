<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * The ledger stands in a schema of its own. The running application may only read and add there; triggers stop
 * everybody who does not first remove them. No foreign key leads in, so that nothing can cascade.
 */
return new class extends Migration
{
    public function up(): void
    {
        $schema = config('juramen.ledger_schema');
        DB::unprepared(<<<SQL
            CREATE TABLE `$schema`.`entries` (
                `position` BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
                `id` BINARY(16) NOT NULL,
                `subject` BINARY(16) NOT NULL,
                `sequence` INT UNSIGNED NOT NULL,
                `kind` VARCHAR(32) NOT NULL,
                `recorded` DATETIME(6) NOT NULL,
                `body` MEDIUMBLOB NOT NULL,
                PRIMARY KEY (`position`),
                UNIQUE KEY (`id`),
                UNIQUE KEY (`subject`, `sequence`)
            ) ENGINE=InnoDB;
            CREATE TABLE `$schema`.`leaves` (
                `leaf` BIGINT UNSIGNED NOT NULL,
                `position` BIGINT UNSIGNED NOT NULL,
                `hash` BINARY(32) NOT NULL,
                PRIMARY KEY (`leaf`),
                UNIQUE KEY (`position`)
            ) ENGINE=InnoDB;
            CREATE TABLE `$schema`.`subtrees` (
                `level` TINYINT UNSIGNED NOT NULL,
                `idx` BIGINT UNSIGNED NOT NULL,
                `hash` BINARY(32) NOT NULL,
                PRIMARY KEY (`level`, `idx`)
            ) ENGINE=InnoDB;
            CREATE TABLE `$schema`.`checkpoints` (
                `size` BIGINT UNSIGNED NOT NULL,
                `note` TEXT NOT NULL,
                `made` DATETIME(6) NOT NULL,
                PRIMARY KEY (`size`)
            ) ENGINE=InnoDB;
            SQL);
        foreach (['entries', 'leaves', 'subtrees', 'checkpoints'] as $table) {
            foreach (['UPDATE', 'DELETE'] as $what) {
                $name = strtolower("{$table}_no_$what");
                DB::unprepared("CREATE TRIGGER `$schema`.`$name` BEFORE $what ON `$schema`.`$table` FOR EACH ROW
                    SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The ledger only grows: no $what.'");
            }
        }
    }
};
