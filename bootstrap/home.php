<?php

declare(strict_types=1);

/*
 * Where this instance keeps what is not code: settings, keys, database, logs. Set by JURAMEN_HOME, else a folder
 * of the user's, named after this checkout (as bin/lib/env.sh has it).
 */
return (static function (): string {
    $home = getenv('JURAMEN_HOME');
    if (is_string($home) && $home !== '') {
        return $home;
    }
    $root = (string) realpath(dirname(__DIR__));
    $data = getenv('XDG_DATA_HOME') ?: (getenv('HOME') ?: sys_get_temp_dir()).'/.local/share';

    return $data.'/juramen/'.basename($root).'-'.substr(hash('sha256', $root), 0, 6);
})();
