<?php

declare(strict_types=1);

namespace App\Http\Flood;

use App\Actions\Signup\FormMarks;
use App\Queries\Points\EditionsInForce;
use App\Support\KeyStore;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use DateTimeZone;
use Illuminate\Http\Request;
use Juramen\Register\Language;
use Juramen\Register\Network;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Stands before the application and counts what is posted to forms, by network in stretches of ten seconds, by placement, point
 * and as a whole in stretches of two, so that what is let in comes evenly. What is over a limit gets the form again as it was
 * filled in, its marks unspent, to be sent once more; whoever does so a moment later, as people do, is counted apart and goes
 * before the crowd. It must cost next to nothing, so it works without the framework; where it cannot count, everything passes,
 * and the server's error log says why.
 */
final class FloodGate
{
    /** Most posts in a stretch, by the name of the setting that says otherwise, and the seconds of the stretch. */
    private const MOST = [
        'NETWORK' => [20, 10], 'PLACEMENT' => [10, 2], 'POINT' => [12, 2], 'WHOLE' => [20, 2],
        'WAITED_NETWORK' => [10, 10], 'WAITED' => [12, 2],
    ];

    /** What is too much of one network raises nothing: only what is too much of a form does. */
    private const RAISES = ['PLACEMENT', 'POINT', 'WHOLE'];

    /** @param  array<string, string>  $settings  by name */
    public function __construct(
        private readonly array $settings,
        private readonly FloodCounts $counts,
        private readonly KeyStore $keys,
        private readonly PublishedForms $published,
    ) {}

    /** With the settings of an instance: those of its env file, and over them the environment's, as everywhere. */
    public static function of(string $home): self
    {
        $settings = [];
        foreach (explode("\n", (string) @file_get_contents("$home/env")) as $line) {
            if (preg_match('/^([A-Z_]+)=(.*)$/', trim($line), $m) === 1) {
                $settings[$m[1]] = trim($m[2], '"');
            }
        }

        $settings = [...$settings, ...getenv()];

        return new self(
            $settings,
            new FloodCounts($settings),
            new KeyStore($settings['KEYS_PATH'] ?? "$home/keys", ''),
            new PublishedForms($settings['PUBLISHED_PATH'] ?? "$home/storage/published", new EditionsInForce),
        );
    }

    /** The answer to a post that is too much; null where it may go on. */
    public function answer(Request $request): ?Response
    {
        if (! $request->isMethod('POST') || preg_match('~^/forms/([a-z0-9-]{1,100})/([a-z]{2})$~D', $request->getPathInfo(), $m) !== 1) {
            return null;
        }
        try {
            $clock = new SystemClock(new DateTimeZone(($this->settings['OFFICE_TIMEZONE'] ?? '') ?: SystemClock::OFFICE));
            $macs = $this->keys->macs();
            $again = new BusyForm($this->published, new FormMarks($macs, $clock), $macs, $clock, $this->settings['APP_URL'] ?? '');

            return $this->isTooMuch($request, $m[1], Language::from($m[2]), $again) ? $again->page($request, $m[1], Language::from($m[2])) : null;
        } catch (Throwable $e) {
            error_log('The flood gate let all through: '.$e::class.' at '.basename($e->getFile()).':'.$e->getLine());

            return null;
        }
    }

    /** From the narrow to the wide, so that what one network sends too much takes nothing from the others. */
    private function isTooMuch(Request $request, string $point, Language $language, BusyForm $again): bool
    {
        Request::setTrustedProxies(array_filter(explode(',', $this->settings['TRUSTED_PROXIES'] ?? '')), Request::HEADER_X_FORWARDED_FOR);
        $network = Network::truncate((string) $request->getClientIp()) ?? 'unknown';
        $limits = $again->hasWaited($request) || $again->hasSolved($request, $language)
            ? ['WAITED_NETWORK' => $network, 'WAITED' => '']
            : ['NETWORK' => $network, 'PLACEMENT' => "$point {$again->placement($request)}", 'POINT' => $point, 'WHOLE' => ''];
        foreach ($limits as $name => $of) {
            [$most, $seconds] = self::MOST[$name];
            $counted = $this->counts->add("$name $of", $seconds);
            if ($counted > $this->set($name, $most)) {
                // Once for each stretch: a flood is not to write more than it must.
                if ($counted === $this->set($name, $most) + 1 && in_array($name, self::RAISES, true)) {
                    $this->counts->raise($name === 'WHOLE' ? '' : $point);
                }

                return true;
            }
        }

        return false;
    }

    private function set(string $name, int $most): int
    {
        $set = $this->settings["FLOOD_$name"] ?? '';

        return ctype_digit($set) ? (int) $set : $most;
    }
}
