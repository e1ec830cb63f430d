<?php

declare(strict_types=1);

namespace Bench;

use PDO;
use RuntimeException;

/** A running instance of the application. */
final class Instance
{
    private readonly string $cookies;

    public function __construct(public readonly string $home, public readonly string $url, public readonly int $people)
    {
        $this->cookies = "$home/run/bench.cookies";
    }

    /** @return array<string, string> with which its commands work on it */
    public function environment(): array
    {
        return ['JURAMEN_HOME' => $this->home, 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')];
    }

    /** Runs an artisan command; its standard output. */
    public function artisan(string ...$arguments): string
    {
        $pipes = [];
        $run = proc_open(['php', ROOT.'/artisan', ...$arguments], [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, ROOT, $this->environment());
        $out = (string) stream_get_contents($pipes[1]);
        if (! is_resource($run) || proc_close($run) > 1) {
            throw new RuntimeException("artisan $arguments[0] could not run.");
        }

        return $out;
    }

    public function database(): PDO
    {
        $user = posix_getpwuid(posix_geteuid())['name'] ?? 'root';

        return new PDO("mysql:unix_socket={$this->home}/run/mariadb.sock;dbname=juramen", $user, '', [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    public function signIn(): void
    {
        @unlink($this->cookies);
        preg_match('/name="_token" value="([^"]+)"/', $this->get('/login')[0], $found);
        $fields = ['_token' => $found[1] ?? '', 'email' => 'runa@tidewick.example', 'password' => 'harbour-lamp-42'];
        $this->request('/login', [CURLOPT_POSTFIELDS => http_build_query($fields)]);
    }

    /** @return array{string, float} what a page says, and the seconds that it took */
    public function get(string $path): array
    {
        return $this->request($path, []);
    }

    /**
     * @param  array<int, mixed>  $options
     * @return array{string, float}
     */
    private function request(string $path, array $options): array
    {
        $curl = curl_init($this->url.$path);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => true, CURLOPT_COOKIEFILE => $this->cookies, CURLOPT_COOKIEJAR => $this->cookies,
            CURLOPT_HTTPHEADER => ["Origin: $this->url"],
        ] + $options);
        $began = hrtime(true);
        $body = curl_exec($curl);
        $seconds = (hrtime(true) - $began) / 1e9;
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        if (! is_string($body) || $status >= 400) {
            throw new RuntimeException("$path answered $status.");
        }

        return [$body, $seconds];
    }
}
