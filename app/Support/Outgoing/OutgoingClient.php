<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

use GuzzleHttp\Exception\ConnectException;
use GuzzleHttp\Exception\TransferException;
use GuzzleHttp\Psr7\Exception\MalformedUriException;
use GuzzleHttp\Psr7\Uri;
use GuzzleHttp\Psr7\UriResolver;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Juramen\Register\Network;
use RuntimeException;

/**
 * The one way out to addresses that somebody can choose. A name is resolved once and the call pinned to what it resolved to, so that it cannot
 * lead elsewhere between check and call; private networks are refused, but for stand-ins that the configuration names; redirects are not
 * followed, answers are limited in size and time.
 */
final class OutgoingClient
{
    private const CONNECT_SECONDS = 3;

    private const SECONDS = 10;

    /** Bytes of an answer. */
    private const LARGEST = 1_000_000;

    private const LARGEST_PAGE = 5_000_000;

    /** Redirects of a page that are followed. */
    private const MOST_HOPS = 3;

    /** What cURL says where a line never stood, so that nothing was handed over. */
    private const NO_LINE = '/cURL error (?:6|7|35|51|58|60)\b/';

    public function __construct(private readonly Resolver $resolver) {}

    /**
     * @param  string|null  $json  what is sent, already written; null for nothing
     * @param  string|null  $key  by which the other side knows us
     * @param  string|null  $repeats  the same on every try of the same thing
     *
     * @throws OutgoingFailed
     */
    public function call(string $method, string $url, ?string $json = null, ?string $key = null, ?string $repeats = null): OutgoingAnswer
    {
        [$to, $pinned] = $this->admit($url);
        $request = self::guarded($pinned, self::LARGEST)->acceptJson();
        $request = $key === null ? $request : $request->withToken($key);
        $request = $repeats === null ? $request : $request->withHeaders(['Idempotency-Key' => $repeats]);
        try {
            $answer = ($json === null ? $request : $request->withBody($json))->send($method, $to);
        } catch (ConnectionException|ConnectException $e) {
            throw preg_match(self::NO_LINE, $e->getMessage()) === 1 ? OutgoingFailed::noConnection() : OutgoingFailed::noAnswer();
        } catch (TransferException|RuntimeException) {
            throw OutgoingFailed::noAnswer();
        }
        if ($answer->status() >= 300 && $answer->status() < 400) {
            throw OutgoingFailed::refused('leads-elsewhere');
        }

        return new OutgoingAnswer($answer->status(), $answer->body());
    }

    /**
     * A page as anybody sees it. Redirects are followed a few times, each checked like the first; a page may stand under http, since that is a
     * thing to find.
     *
     * @throws OutgoingFailed
     */
    public function page(string $url): FetchedPage
    {
        for ($hop = 0; $hop <= self::MOST_HOPS; $hop++) {
            [$to, $pinned] = $this->admit($url, ['https', 'http']);
            $answer = $this->fetched($to, $pinned);
            if ($answer->status() < 300 || $answer->status() >= 400) {
                return $answer->successful() ? new FetchedPage($url, $answer->body()) : throw OutgoingFailed::refused('no-page-there');
            }
            try {
                $url = (string) UriResolver::resolve(new Uri($url), new Uri($answer->header('Location')))->withFragment('');
            } catch (MalformedUriException) {
                throw OutgoingFailed::refused('not-https');
            }
        }
        throw OutgoingFailed::refused('leads-round');
    }

    /**
     * @param  list<string>  $pinned
     *
     * @throws OutgoingFailed
     */
    private function fetched(string $to, array $pinned): Response
    {
        try {
            return self::guarded($pinned, self::LARGEST_PAGE)->accept('text/html,*/*;q=0.1')->get($to);
        } catch (ConnectionException|ConnectException $e) {
            throw preg_match(self::NO_LINE, $e->getMessage()) === 1 ? OutgoingFailed::noConnection() : OutgoingFailed::refused('too-large-or-slow');
        } catch (TransferException|RuntimeException) {
            throw OutgoingFailed::refused('too-large-or-slow');
        }
    }

    /**
     * @param  list<string>  $pinned
     * @param  int  $largest  bytes of an answer
     */
    private static function guarded(array $pinned, int $largest): PendingRequest
    {
        return Http::connectTimeout(self::CONNECT_SECONDS)->timeout(self::SECONDS)->withoutRedirecting()->withOptions([
            'proxy' => '', 'curl' => $pinned === [] ? [] : [CURLOPT_RESOLVE => $pinned], 'sink' => LimitedSink::upTo($largest),
        ]);
    }

    /**
     * @param  list<string>  $schemes
     * @return array{string, list<string>} where the call goes, and what its host is pinned to
     *
     * @throws OutgoingFailed
     */
    private function admit(string $url, array $schemes = ['https']): array
    {
        $parts = parse_url($url);
        $host = strtolower(is_array($parts) ? $parts['host'] ?? '' : '');
        $standIn = self::standIns()[$host] ?? null;
        if ($standIn !== null) {
            return [$standIn.($parts['path'] ?? '').(isset($parts['query']) ? "?{$parts['query']}" : ''), []];
        }
        if (! is_array($parts) || ! in_array(strtolower($parts['scheme'] ?? ''), $schemes, true) || $host === '' || isset($parts['user'])
            || isset($parts['fragment'])) {
            throw OutgoingFailed::refused('not-https');
        }
        $literal = trim($host, '[]');
        $addresses = filter_var($literal, FILTER_VALIDATE_IP) !== false ? [$literal] : $this->resolver->addresses($host);
        if ($addresses === []) {
            throw OutgoingFailed::refused('no-such-host');
        }
        foreach ($addresses as $address) {
            if (! Network::isPublic($address)) {
                throw OutgoingFailed::refused('private-network');
            }
        }
        $port = $parts['port'] ?? (strtolower($parts['scheme'] ?? '') === 'http' ? 80 : 443);

        return [$url, ["$host:$port:".implode(',', $addresses)]];
    }

    /** @return array<string, string> host to where it really stands */
    private static function standIns(): array
    {
        $all = [];
        foreach (explode(',', config()->string('juramen.outgoing.stand_ins', '')) as $each) {
            [$host, $base] = explode('=', trim($each), 2) + ['', ''];
            if ($host !== '' && $base !== '') {
                $all[strtolower($host)] = rtrim($base, '/');
            }
        }

        return $all;
    }
}
