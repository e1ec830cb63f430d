<?php

declare(strict_types=1);

namespace App\Support;

/** What takes time to be made of files that are shipped, kept as PHP: a request has it ready in memory and makes nothing anew. */
final class KeptAsPhp
{
    /**
     * @template T of array
     *
     * @param  string  $name  what it is
     * @param  string  $of  what it is made of; where that is another, it is made anew
     * @param  callable(): T  $make  of nothing but arrays, numbers and words
     * @return T
     */
    public static function of(string $name, string $of, callable $make): array
    {
        $kept = storage_path("framework/$name-".substr(hash('xxh128', $of), 0, 12).'.php');
        if (! is_file($kept)) {
            $made = $make();
            $new = $kept.'.'.getmypid();
            if (@file_put_contents($new, '<?php return '.var_export($made, true).";\n") === false) {
                return $made;
            }
            // What was made of other files is of no use any more.
            foreach (array_diff(glob(storage_path("framework/$name-????????????.php")) ?: [], [$kept]) as $old) {
                @unlink($old);
            }
            rename($new, $kept);
        }
        $read = @include $kept;

        // Another may have taken it away since, which runs other code.
        return is_array($read) ? $read : $make();
    }
}
