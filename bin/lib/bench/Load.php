<?php

declare(strict_types=1);

namespace Bench;

use RuntimeException;

/** Requests as fast as an instance answers them, by wrk, from as many connections as php-fpm has workers. */
final class Load
{
    private const CONNECTIONS = 10;

    private const THREADS = 2;

    public function __construct(private readonly int $seconds) {}

    /** @return float answers a second that were 200 */
    public function get(Instance $instance, string $path): float
    {
        return $this->run($instance, $path, 'get.lua', []);
    }

    /**
     * @param  string  $bodies  a file with a prepared sign-up on each line, each of which is sent once
     * @return float sign-ups a second that were taken
     */
    public function signUps(Instance $instance, string $bodies): float
    {
        return $this->run($instance, '/', 'signup.lua', ['BODIES' => $bodies, 'PARTS' => (string) self::THREADS, 'ORIGIN' => $instance->url]);
    }

    /** @param  array<string, string>  $environment */
    private function run(Instance $instance, string $path, string $script, array $environment): float
    {
        $command = [
            'wrk', '-t'.self::THREADS, '-c'.self::CONNECTIONS, "-d{$this->seconds}s", '-s', __DIR__."/$script", $instance->url.$path,
        ];
        $pipes = [];
        $environment += [...$instance->environment(), 'BENCH' => __DIR__];
        $run = proc_open($command, [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, null, $environment);
        $said = (string) stream_get_contents($pipes[1]);
        if (! is_resource($run) || proc_close($run) !== 0 || preg_match('/^BENCH (\d+) (\d+) (\d+)$/m', $said, $found) !== 1) {
            throw new RuntimeException("wrk could not run against $path.");
        }
        if ((int) $found[2] > 0.01 * (int) $found[1]) {
            throw new RuntimeException("$path: $found[2] answers were not what was asked for, beside $found[1] that were.");
        }

        return (int) $found[1] / ((int) $found[3] / 1e6);
    }
}
