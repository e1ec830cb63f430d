<?php

declare(strict_types=1);

use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\SenderAddress;
use App\Models\User;
use App\Support\Outgoing\ZoneFile;
use Illuminate\Support\Carbon;
use Juramen\Register\SenderFinding;
use Juramen\Register\SenderProof;
use Tests\Support\Visitor;

uses(Visitor::class);

/* An address that mails come from is verified by whoever reads it, and what the name servers say of it is read as receivers read it. */

/** @return list<bool> whether SPF, DKIM and DMARC are in order */
function proven(?array $spf, ?array $dkim, ?array $dmarc, string $selector = 's1'): array
{
    return array_map(static fn (SenderFinding $f): bool => $f->met, SenderProof::of('tidewick.example', $spf, $dkim, $selector, $dmarc)->findings);
}

// RFC 7208 section 4.5 (one record, "v=spf1" whole), 5.1 ("all"); RFC 6376 section 3.6.1 (an empty "p=" is a key withdrawn); RFC 7489 section 6.3.
test('what stands under names is read as the standards say', function (): void {
    $dkim = ['v=DKIM1; k=rsa; p=MIIB'];
    $dmarc = ['v=DMARC1; p=reject'];
    expect(proven(['v=spf1 ip4:192.0.2.0/28 -all'], $dkim, $dmarc))->toBe([true, true, true])
        ->and(proven(['other', 'v=spf1 ~all'], $dkim, ['v=DMARC1;p=quarantine;pct=100']))->toBe([true, true, true])
        ->and(proven(['v=spf1 redirect=_spf.example'], $dkim, $dmarc)[0])->toBeTrue();
    foreach ([[], ['v=spf10 -all'], ['v=spf1 -all', 'v=spf1 ~all'], ['v=spf1 +all'], ['v=spf1 all'], ['v=spf1 mx'], null] as $spf) {
        expect(proven($spf, $dkim, $dmarc)[0])->toBeFalse(json_encode($spf));
    }
    foreach ([[], ['v=DKIM1; p='], ['v=DKIM1; k=rsa'], null] as $key) {
        expect(proven(['v=spf1 -all'], $key, $dmarc)[1])->toBeFalse(json_encode($key));
    }
    foreach ([[], ['v=DMARC1; p=none'], ['v=DMARC2; p=reject'], ['v=DMARC1'], null] as $policy) {
        expect(proven(['v=spf1 -all'], $dkim, $policy)[2])->toBeFalse(json_encode($policy));
    }
    expect(proven(['v=spf1 -all'], $dkim, $dmarc, '')[1])->toBeFalse();
});

test('the stand-in for name servers knows what its file says and nothing else', function (): void {
    $zone = new ZoneFile(base_path('standins/resolver/zone.json'));
    expect($zone->texts('TIDEWICK.example.')[0])->toStartWith('v=spf1')->and($zone->texts('nobody.example'))->toBe([])
        ->and((new ZoneFile('/nowhere'))->addresses('tidewick.example'))->toBe([]);
});

test('a mail goes to the address, opening its link changes nothing, its button verifies once, and an older link is over', function (): void {
    mailServer('accept');
    $runa = User::query()->firstOrFail();
    $to = 'voyages@tidewick.example';
    $link = static function () use ($to): string {
        work();
        preg_match('~/sender/\S+~', (string) collect(arrived($to))->sortByDesc('date')->first()['text'], $found);

        return $found[0];
    };
    $this->actingAs($runa)->post('/senders/tidewick-ferries')->assertRedirect('/records/controller/tidewick-ferries');
    $first = $link();
    Carbon::setTestNow(now()->addMinutes(2));
    $this->post('/senders/tidewick-ferries');
    $second = $link();
    auth()->logout();
    $this->get($first)->assertNotFound();
    foreach ([1, 2, 3] as $opened) {
        $this->get($second)->assertOk()->assertSee($to);
    }
    expect(SenderAddress::query()->sole()->verified_at)->toBeNull();
    $this->post('/sender', ['token' => basename($second).'x'])->assertNotFound();
    $this->post('/sender', ['token' => basename($second)])->assertOk()->assertSee('is verified');
    $at = SenderAddress::query()->sole()->verified_at;
    Carbon::setTestNow(now()->addHour());
    $this->post('/sender', ['token' => basename($second)])->assertOk();
    expect(SenderAddress::query()->sole()->verified_at->text())->toBe($at->text());
    $this->actingAs($runa)->get('/records/controller/tidewick-ferries')->assertSee('Whoever reads it said so on')->assertSee('DMARC');
    $this->post('/senders/tidewick-ferries')->assertSessionHas('said', 'This address is verified already.');
    Carbon::setTestNow(now()->addDays(8));
    $this->get($second)->assertNotFound();
    expect(Delivery::query()->where('kind', DeliveryKind::Sender)->count())->toBe(2);
});
