<?php

declare(strict_types=1);

namespace App\Http\Flood;

use App\Support\FloodMark;
use PDO;

/** Counts by keyed digest in a table in memory; what was counted is worth nothing afterwards. */
final class FloodCounts
{
    private ?PDO $database = null;

    /** @param  array<string, string>  $settings */
    public function __construct(private readonly array $settings) {}

    /** @return int how often this was counted in the stretch that it is now, with this time */
    public function add(string $what, int $seconds): int
    {
        $now = time();
        $id = FloodMark::digest(intdiv($now, $seconds)." $what", $this->settings['APP_KEY'] ?? '');
        $counted = $this->database()->prepare('INSERT INTO flood (id, n, ends) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE n = n + 1 RETURNING n');
        $counted->execute([$id, $now + 2 * $seconds]);

        return (int) $counted->fetchColumn();
    }

    /** More comes in at a point than is let through; "" is all of them together. */
    public function raise(string $point): void
    {
        $mark = $this->database()->prepare('INSERT INTO flood (id, n, ends) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE n = n + 1, ends = VALUES(ends)');
        foreach (FloodMark::cases() as $each) {
            $mark->execute([$each->id($point, $this->settings['APP_KEY'] ?? ''), time() + $each->seconds()]);
        }
    }

    private function database(): PDO
    {
        $of = fn (string $name, string $default): string => ($this->settings[$name] ?? '') !== '' ? $this->settings[$name] : $default;
        $at = $of('DB_SOCKET', '') !== '' ? "unix_socket={$of('DB_SOCKET', '')}" : "host={$of('DB_HOST', '127.0.0.1')};port={$of('DB_PORT', '3306')}";

        return $this->database ??= new PDO("mysql:$at;dbname={$of('DB_DATABASE', 'juramen')}", $of('DB_USERNAME', 'juramen_app'), $of('DB_PASSWORD', ''), [
            PDO::ATTR_PERSISTENT => true, PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 1,
        ]);
    }
}
