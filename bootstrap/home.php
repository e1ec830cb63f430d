<?php

declare(strict_types=1);

/*
 * Where this instance keeps what is not code: settings, keys, database, logs. Set by JURAMEN_HOME, else a folder
 * of the user's, named after this checkout (as bin/lib/env.sh has it). Commands that need no instance, on a checkout
 * that was never started, get a scratch folder.
 */
return (static function (): string {
    $root = (string) realpath(dirname(__DIR__));
    $name = basename($root).'-'.substr(hash('sha256', $root), 0, 6);
    $home = (string) getenv('JURAMEN_HOME');
    if ($home === '') {
        $home = (getenv('XDG_DATA_HOME') ?: (getenv('HOME') ?: sys_get_temp_dir()).'/.local/share').'/juramen/'.$name;
    }
    if (is_dir($home.'/storage/framework')) {
        return $home;
    }
    $scratch = sys_get_temp_dir().'/juramen-scratch-'.$name.'-'.get_current_user();
    foreach (['views', 'cache'] as $folder) {
        if (! is_dir("$scratch/storage/framework/$folder")) {
            @mkdir("$scratch/storage/framework/$folder", 0700, true);
        }
    }

    return $scratch;
})();
