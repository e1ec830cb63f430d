<?php

declare(strict_types=1);

use Database\Demo\ContactForm;
use Database\Demo\DelayAlerts;
use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Database\Demo\Lists;
use Database\Demo\SeasonTicket;
use Database\Demo\WalkingGuide;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\Handover;
use Juramen\Points\ListRule;
use Juramen\Points\PassedValue;
use Juramen\Points\Records;
use Juramen\Points\ServiceThere;
use Juramen\Points\SheetDraft;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Register\Network;
use Juramen\Register\Processor;
use Juramen\Register\RecordKind;

/* Lists that permissions lead to, and destinations that get them: what breaks purpose, channel or confirmation, and what gets lost on the way. */

/** @return list<SheetDraft> */
function formsOfTidewick(array $more = []): array
{
    $all = [FooterNewsletter::SHEET, WalkingGuide::SHEET, ContactForm::SHEET, DelayAlerts::SHEET, SeasonTicket::SHEET, ...$more];

    return array_map(static fn (array $sheet): SheetDraft => SheetDraft::from(Document::from($sheet)), $all);
}

/** @return list<string> */
function faultsOfList(array $changed, array $sheets = []): array
{
    $list = ContactList::from(Document::from([...Lists::ALL[0], ...$changed]));

    return (new ListRule($list, House::registers(), $sheets === [] ? formsOfTidewick() : $sheets))->faults();
}

/** What handing over would come to, with some of the destination, the partner and the service changed. */
function handoverOf(array $destination = [], array $partner = [], ?array $service = Lists::SERVICE, array $sheets = [], array $statement = []): Handover
{
    $registers = House::registers();
    foreach (Lists::ALL as $list) {
        $registers = $registers->with(ContactList::from(Document::from($list)));
    }
    $registers = $registers->with(Processor::from(Document::from([...House::PROCESSORS[0], ...$partner])));
    if ($statement !== []) {
        $registers = $registers->with(Records::read(RecordKind::Statement, Document::from([...House::VOYAGE_NEWS_WORDS, ...$statement]), Digest::of('s')));
    }

    return new Handover(
        Destination::from(Document::from([...Lists::QUAYSIDE, ...$destination])), $registers, $sheets === [] ? formsOfTidewick() : $sheets,
        $service === null ? null : ServiceThere::from(Document::from($service)), Day::parse('2026-11-28')
    );
}

test('a rule that breaks the purpose, the channel or the confirmation is a fault that says so', function (): void {
    expect(faultsOfList([]))->toBe([])
        ->and(faultsOfList(['statements' => ['voyage-news']]))->toBe([])
        ->and(faultsOfList(['statements' => ['island-walks']])[0])->toContain('asks for island walks, and this list is for voyage news')
        ->and(faultsOfList(['purpose' => 'island-walks', 'channel' => 'sms', 'statements' => ['island-walks']])[0])->toContain('does not ask by sms')
        ->and(faultsOfList(['statements' => ['gone-news']])[0])->toContain('no statement “gone news”')
        ->and(faultsOfList(['purpose' => 'atlantic-crossings'])[0])->toContain('another controller')
        ->and(faultsOfList(['purpose' => 'nothing-here'])[0])->toContain('say what this list is for')
        ->and(faultsOfList(['channel' => 'post'])[0])->toContain('nobody confirms it');
    // A point at which nobody confirms fills no list that asks for it: named, it is a fault, else it is said.
    $single = [...FooterNewsletter::SHEET, 'departures' => ['double-opt-in' => ['value' => false, 'reason' => 'The crew types it in while people wait.']]];
    $sheets = [SheetDraft::from(Document::from($single))];
    expect(faultsOfList(['points' => ['footer-newsletter']], $sheets)[0])->toContain('nobody confirms')
        ->and(faultsOfList(['points' => ['footer-newsletter'], 'confirmed' => false], $sheets))->toBe([])
        ->and(faultsOfList([], $sheets))->toBe([])
        ->and((new ListRule(ContactList::from(Document::from(Lists::ALL[0])), House::registers(), $sheets))->remarks()[0])->toContain('Nobody comes onto it');
});

test('people go only to whoever is on record for it, and recipients for their own use are named in what was agreed to', function (): void {
    expect(handoverOf()->faults())->toBe([])
        ->and(handoverOf(['partner' => ''])->faults()[0])->toContain('Say who runs it')
        ->and(handoverOf(partner: ['contract' => ''])->faults()[0])->toContain('No contract with it is on record')
        ->and(handoverOf(partner: ['country' => 'US'])->faults()[0])->toContain('no ground of the transfer')
        ->and(handoverOf(partner: ['until' => '2026-11-27'])->faults()[0])->toContain('ended on')
        ->and(handoverOf(partner: ['purposes' => ['voyage-news']])->faults()[0])->toContain('not on record as getting details for island walks')
        ->and(handoverOf(['controller' => 'tidewick-atlantic'])->faults()[0])->toContain('another controller')
        ->and(handoverOf(['address' => ''])->faults()[0])->toContain('address')
        ->and(handoverOf(['lists' => [['id' => 'gone', 'group' => 'x']]])->faults()[0])->toContain('no list “gone”');
    $own = handoverOf(partner: ['own' => true]);
    expect($own->faults()[0])->toContain('does not name it (English, Deutsch, Svenska, Dansk)');
    $named = array_map(static fn (string $text): string => $text.' {recipients}', House::VOYAGE_NEWS_WORDS['texts']);
    $lists = [Lists::QUAYSIDE['lists'][0]];
    expect(handoverOf(['lists' => $lists], ['own' => true], statement: ['texts' => $named])->faults())->toBe([])
        ->and(handoverOf(['lists' => $lists], ['own' => true], statement: ['texts' => [...$named, 'da' => 'Ja.']])->faults()[0])->toContain('(Dansk)');
});

test('marks, groups and fields: what starts other mails, what is not there, what goes into one field twice', function (): void {
    $voyages = Lists::QUAYSIDE['lists'][0];
    expect(handoverOf(['lists' => [[...$voyages, 'starts' => 'island-walks']]])->faults()[0])->toContain('starts mails for island walks there')
        ->and(handoverOf(['lists' => [[...$voyages, 'group' => '']]])->faults()[0])->toContain('Say into which group')
        ->and(handoverOf(['lists' => [[...$voyages, 'group' => 'new-group']]])->faults()[0])->toContain('create it there, then fetch again')
        ->and(handoverOf(['lists' => [[...$voyages, 'group' => 'new-group']]])->toCreate())->toBe(['the group “new-group”'])
        ->and(handoverOf(['mapping' => ['point' => 'shown_at']])->toCreate())->toBe(['the field “shown_at”'])
        ->and(handoverOf(['mapping' => ['point' => 'wording', 'statement' => 'wording']])->faults()[0])->toContain('into the same field');
    // What somebody wrote to be answered goes to no list, whatever it is mapped to.
    $asks = [...FooterNewsletter::SHEET, 'fields' => [
        ...FooterNewsletter::SHEET['fields'], ['id' => 'message', 'kind' => 'message', 'label' => ['en' => 'Your message'], 'required' => false],
    ]];
    $message = handoverOf(['mapping' => ['message' => 'given_name']], sheets: [SheetDraft::from(Document::from($asks))]);
    expect($message->faults()[0])->toContain('does not go to a list')
        ->and($message->values()->get('message'))->toBeInstanceOf(PassedValue::class);
});

test('what would get lost is said: values that nobody spoke of, required fields, types, the order of a date, being asked twice', function (): void {
    $warned = static fn (array $service, array $mapping = []): string => implode(' ', handoverOf(
        ['mapping' => [...Lists::QUAYSIDE['mapping'], ...$mapping]], service: [...Lists::SERVICE, ...$service]
    )->warnings());
    expect($warned([]))->toContain('signup point')->not->toContain('asked twice')->not->toContain('required')
        ->and($warned([], ['point' => '-']))->not->toContain('signup point')
        ->and($warned(['asks-itself' => true, 'takes-confirmed' => false]))->toContain('asked twice')
        ->and($warned(['asks-itself' => true]))->not->toContain('asked twice')
        ->and($warned(['fields' => [...Lists::SERVICE['fields'], ['id' => 'town', 'title' => 'Town', 'required' => true]]]))
        ->toContain('“Town” is required there')
        ->and($warned(['fields' => [...array_slice(Lists::SERVICE['fields'], 1), ['id' => 'given_name', 'title' => 'Given name', 'required' => true]]]))
        ->toContain('not always given on')
        ->and($warned(['fields' => [['id' => 'given_name', 'title' => 'Given name', 'type' => 'number']]]))->toContain('is a number there')
        ->and(implode(' ', handoverOf(service: null)->warnings()))->toContain('never fetched');
    $field = ['id' => 'born', 'kind' => 'birthday', 'label' => ['en' => 'Born']];
    $born = [...FooterNewsletter::SHEET, 'fields' => [...FooterNewsletter::SHEET['fields'], $field]];
    $mapped = handoverOf(['mapping' => ['birthday' => 'born']], sheets: [SheetDraft::from(Document::from($born))]);
    expect(implode(' ', $mapped->warnings()))->toContain('written dd/mm/yyyy there');
});

test('what another program says of itself is read as far as it is understood', function (): void {
    $odd = ServiceThere::from(Document::from([
        'fields' => ['x', ['title' => 'no id'], ['id' => 'a', 'type' => 'hologram', 'required' => 'yes']], 'groups' => 7, 'asks-itself' => 'no',
    ]));
    expect($odd->fields->count())->toBe(1)->and($odd->fields->get('a')->required)->toBeFalse()->and($odd->groups->count())->toBe(0)
        ->and($odd->asksTwice())->toBeFalse()
        ->and(ServiceThere::from($odd->document())->document()->equals($odd->document()))->toBeTrue();
});

test('both kinds of records keep what they say, and a place that is none is refused', function (): void {
    foreach ([[RecordKind::ContactList, Lists::ALL[1]], [RecordKind::Destination, Lists::QUAYSIDE]] as [$kind, $data]) {
        $document = Document::from($data);
        Records::check($kind, $document, whole: true);
        $again = Records::read($kind, $document)->document();
        expect(Records::read($kind, $again)->document()->equals($again))->toBeTrue();
        Records::check($kind, $again, whole: true);
        expect(fn () => Records::check($kind, $document->with(Place::parse('key'), 'secret')))->toThrow(Refused::class);
    }
});

// The blocks of the IANA registries of special-purpose addresses (from memory), each by its first and last address.
test('only what lies on the public internet is called', function (): void {
    $private = [
        '0.0.0.0', '10.0.0.1', '10.255.255.255', '100.64.0.1', '100.127.255.255', '127.0.0.1', '127.255.255.254', '169.254.169.254', '172.16.0.1',
        '172.31.255.255', '192.0.0.8', '192.0.2.1', '192.88.99.1', '192.168.1.1', '198.18.0.1', '198.19.255.255', '198.51.100.7', '203.0.113.9',
        '224.0.0.1', '240.0.0.1', '255.255.255.255', '::', '::1', '::ffff:127.0.0.1', '::ffff:10.0.0.1', '64:ff9b::a00:1', '100::1', 'fc00::1', 'fd12::1',
        'fe80::1', 'ff02::1', '2001:db8::1', '2001::1', '2002:a00:1::', '3fff::1', 'localhost', '', '127.1', '0x7f.1', '1.2.3.4.5',
    ];
    $public = ['1.1.1.1', '9.255.255.255', '11.0.0.1', '100.63.255.255', '100.128.0.1', '172.15.255.255', '172.32.0.1', '192.167.255.255', '223.255.255.255',
        '2a00::1', '2600::1', '::ffff:1.1.1.1'];
    expect(array_filter($private, Network::isPublic(...)))->toBe([])->and(array_filter($public, Network::isPublic(...)))->toBe($public);
});
