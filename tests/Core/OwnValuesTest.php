<?php

declare(strict_types=1);

use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Acts\Lapsed;
use Juramen\Consent\Answer;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\OwnValues;
use Juramen\Consent\Target;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/* Of whoever is known, nothing that was typed counts before they confirmed it; of whoever is not, it is all there is. */

test('over random histories: once something is confirmed, what is not shows no more, and a confirmation shows exactly its own', function (): void {
    mt_srand(23);
    $hidden = 0;
    for ($run = 0; $run < 1500; $run++) {
        [$subject, $last, $entries, $journeys] = [Id::random(), null, [], []];
        for ($i = 0; $i < mt_rand(1, 9); $i++) {
            $at = Instant::parse('2026-01-01T00:00:00.000000Z')->plusSeconds(60 * $i);
            $channels = mt_rand(0, 2) === 0 ? [Channel::Sms] : (mt_rand(0, 2) === 0 ? [Channel::Email, Channel::Sms] : [Channel::Email]);
            $act = match ($journeys === [] ? 0 : mt_rand(0, 3)) {
                0, 1 => new Given(
                    $at, How::FormServed, 'page', 'pass', $journeys[] = Id::random(), 'p', Digest::of('e'), Language::English,
                    [new Answer('news', Digest::of('w'))], array_map(static fn (Channel $c): Target => new Target('news', $c), $channels), mt_rand(0, 3) > 0, []
                ),
                2 => new Confirmed($at, $journeys[array_rand($journeys)], [], mt_rand(0, 1) === 0 ? Channel::Email : Channel::Sms),
                3 => new Lapsed($at, $journeys[array_rand($journeys)]),
            };
            $entries[] = $last = Entry::next($last, $subject, $act, $at);
        }
        $own = OwnValues::of($entries);
        // Written from the rule: settled by itself, or confirmed by a later entry.
        $atOnce = static fn (Given $g): bool => ! $g->confirmationNeeded
            && array_filter($g->targets, static fn (Target $t): bool => $t->channel === Channel::Email) !== [];
        $isOwn = static fn (Given $g): bool => $atOnce($g) || array_filter(
            $entries, static fn (Entry $e): bool => $e->act instanceof Confirmed && $e->act->journey->equals($g->journey)
        ) !== [];
        $given = array_filter($entries, static fn (Entry $e): bool => $e->act instanceof Given);
        $known = array_filter($given, static fn (Entry $e): bool => $isOwn($e->act)) !== [];
        foreach ($entries as $entry) {
            $shows = ! $entry->act instanceof Given || ! $known || $isOwn($entry->act);
            $hidden += $shows ? 0 : 1;
            expect($own->has($entry))->toBe($shows);
        }
    }
    expect($hidden)->toBeGreaterThan(500);
});
