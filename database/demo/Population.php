<?php

declare(strict_types=1);

namespace Database\Demo;

use Carbon\CarbonImmutable;

/** About 150 invented people over eighteen months: who signs up when, and what they do then. The same every time. */
final class Population
{
    private const FIRST = [
        'Ailsa', 'Birte', 'Callum', 'Dorte', 'Eilidh', 'Finn', 'Greta', 'Hamish', 'Ida', 'Jannis', 'Kirsten', 'Lasse', 'Maren', 'Niall', 'Oda', 'Peer',
        'Rhona', 'Sven', 'Thea', 'Ulrik', 'Vera', 'Wiebke', 'Ylva', 'Arvid', 'Bente', 'Catriona',
    ];

    private const LAST = [
        'Ahrens', 'Brodie', 'Carstensen', 'Dunmore', 'Ekholm', 'Fairlie', 'Gravesen', 'Hollis', 'Ibsgaard', 'Jardine', 'Kjellberg', 'Lorimer', 'Mohr',
        'Nordquist', 'Oswin', 'Petersdotter', 'Quarrie', 'Rask', 'Sundby', 'Tarrant',
    ];

    private const DOMAINS = ['post.example', 'mail.example', 'inbox.example'];

    private const NETWORKS = ['192.0.2.0/24', '198.51.100.0/24', '203.0.113.0/24'];

    private const DAYS = 548;

    /**
     * @param  CarbonImmutable  $today  midnight at the end of the eighteen months
     * @return list<array{at: CarbonImmutable, do: string, email: string, name: string|null, language: string, network: string, point: string}>
     */
    public static function events(CarbonImmutable $today, int $people = 150): array
    {
        mt_srand(20261125);
        $events = [];
        for ($i = 0; $i < $people; $i++) {
            $first = self::FIRST[$i % count(self::FIRST)];
            $last = self::LAST[($i * 7 + intdiv($i, count(self::FIRST))) % count(self::LAST)];
            $person = [
                'email' => strtolower("$first.$last").($i >= 130 ? $i : '').'@'.self::DOMAINS[mt_rand(0, 2)],
                'name' => mt_rand(0, 9) < 7 ? $first : null,
                'language' => mt_rand(0, 9) < 6 ? 'en' : 'de',
                'network' => self::NETWORKS[mt_rand(0, 2)],
            ];
            // More come in the last weeks than at the beginning.
            $asked = $today->subSeconds((int) (self::DAYS * 86400 * (mt_rand(1, 10000) / 10000) ** 1.9));
            array_push($events, ...self::life($person, $asked, $today, 'footer-newsletter'));
            if (mt_rand(0, 9) < 3) {
                $later = $asked->addMinutes(mt_rand(60, 60 * 24 * 200));
                array_push($events, ...($later < $today ? self::life($person, $later, $today, 'walking-guide') : []));
            }
        }
        array_push($events, ...self::abroad($today));
        usort($events, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $events;
    }

    /**
     * Those who came by the younger forms: from the north, and to the sister company.
     *
     * @return list<array{at: CarbonImmutable, do: string, email: string, name: string|null, language: string, network: string, point: string}>
     */
    private static function abroad(CarbonImmutable $today): array
    {
        $events = [];
        foreach (['booking-popup' => ['sv', 'da', 'en'], 'atlantic-newsletter' => ['en', 'fr']] as $point => $languages) {
            for ($i = 0; $i < 16; $i++) {
                $first = self::FIRST[($i * 5 + 3) % count(self::FIRST)];
                $last = self::LAST[($i * 3 + strlen($point)) % count(self::LAST)];
                $person = [
                    'email' => strtolower("$first.$last").'@'.self::DOMAINS[$i % 3], 'name' => null, 'language' => $languages[$i % count($languages)],
                    'network' => self::NETWORKS[$i % 3],
                ];
                array_push($events, ...self::life($person, $today->subSeconds(mt_rand(86400, 86400 * 240)), $today, $point));
            }
        }

        return $events;
    }

    /**
     * @param  array{email: string, name: string|null, language: string, network: string}  $person
     * @return list<array{at: CarbonImmutable, do: string, email: string, name: string|null, language: string, network: string, point: string}>
     */
    private static function life(array $person, CarbonImmutable $asked, CarbonImmutable $today, string $point): array
    {
        $event = static fn (CarbonImmutable $at, string $do): array => ['at' => $at, 'do' => $do, 'point' => $point, ...$person];
        $events = [$event($asked, mt_rand(0, 19) === 0 ? 'hold' : 'ask')];
        if (mt_rand(0, 99) < 74) {
            $confirmed = $asked->addSeconds(mt_rand(0, 9) < 8 ? mt_rand(40, 3600) : mt_rand(3600, 86400 * 5));
            $events[] = $event($confirmed, 'confirm');
            if (mt_rand(0, 99) < 22) {
                $events[] = $event($confirmed->addMinutes(mt_rand(60 * 24 * 5, 60 * 24 * 300)), mt_rand(0, 1) === 0 ? 'one-click' : 'withdraw');
            }
        }

        return array_values(array_filter($events, static fn (array $e): bool => $e['at'] < $today));
    }
}
