<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Actions\Evidence\AskPermission;
use App\Actions\Evidence\ProveChain;
use App\Actions\Ledger\LedgerTables;
use App\Models\Subscriber;
use App\Pages\Evidence\PersonPage;
use App\Support\LifelineDrawing;
use App\Support\Moments;
use App\Support\PublishedForms;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Consent\Lifeline;
use Juramen\Consent\Target;
use Juramen\Points\Field;
use Juramen\Points\FieldValue;
use Juramen\Points\Filling;
use Juramen\Points\FormRenderer;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Psr\Clock\ClockInterface;

/** One person's evidence: the question, the acts, the form as shown with the answers, the proof. */
final class PersonController
{
    public function __construct(private readonly ProveChain $prove, private readonly PersonalValues $personal, private readonly PublishedForms $published) {}

    public function show(Request $request, PersonPage $page, AskPermission $ask, ClockInterface $clock, string $subject): View
    {
        return view('evidence.person', $this->page($request, $page, $ask, $clock, $subject));
    }

    /** The question, its answer and the drawing alone, as the cursor moves. */
    public function asked(Request $request, PersonPage $page, AskPermission $ask, ClockInterface $clock, string $subject): View
    {
        return view('evidence.asked', $this->page($request, $page, $ask, $clock, $subject));
    }

    /** @return array<string, mixed> */
    private function page(Request $request, PersonPage $page, AskPermission $ask, ClockInterface $clock, string $subject): array
    {
        $subscriber = $this->subscriber($subject);
        $proven = ($this->prove)($subscriber->subject);
        $typed = is_string($given = $request->query('on')) ? $given : '';
        $now = Instant::of($clock->now());
        $moments = $typed === '' ? [$now] : Moments::read($typed);
        $target = $this->target($request, $page->targets($proven->entries));
        $moments = $moments === [] ? [$now] : $moments;

        return [
            ...$page->of($subscriber, $proven, $this->entry($proven->entries, (string) $request->query('entry'))),
            'target' => $target,
            'now' => $now,
            'on' => $moments[0],
            'typed' => $typed === '' ? Moments::input($now) : $typed,
            'wrongTime' => $typed !== '' && Moments::read($typed) === [],
            'answers' => $target === null ? [] : array_map(static fn (Instant $on): array => [$on, $ask($proven->entries, $target, $on, $now)], $moments),
            'drawing' => new LifelineDrawing(Lifeline::of($proven->entries), $now, $moments[0]),
        ];
    }

    /** The frozen form with the person's answers, to be looked at inside a frame in which nothing runs. */
    public function shown(LedgerTables $ledger, string $subject, string $entry): Response
    {
        $found = $this->entry($ledger->chain($this->subscriber($subject)->subject), $entry) ?? abort(404);
        $act = $found->act;
        if ($act->kind !== EntryKind::Given || $act->edition === null) {
            abort(404);
        }
        $edition = $this->published->edition($act->edition);
        $kept = [];
        foreach ($this->personal->ofEntry($found->id) as $disclosure) {
            $kept[$disclosure->name] = $disclosure->value;
        }
        $draft = $edition->sheet->draft;
        $values = array_map(static fn (Field $f): FieldValue => new FieldValue($f->name(), $kept[$draft->disclosedAs($f)] ?? ''), $draft->fields);
        $filling = new Filling($values, array_map(static fn ($a): string => FormRenderer::controlName($a->statement), $act->answers), readOnly: true);

        return response($this->published->form($edition, $act->language ?? Language::English)->with($filling->pieces()), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; frame-ancestors 'self'; sandbox",
        ]);
    }

    private function subscriber(string $subject): Subscriber
    {
        return preg_match('/^[0-9a-f]{32}$/D', $subject) === 1
            ? Subscriber::query()->with('controller')->where('subject', Id::fromHex($subject)->bytes)->firstOrFail()
            : abort(404);
    }

    /** @param  list<Entry>  $chain */
    private function entry(array $chain, string $id): ?Entry
    {
        foreach ($chain as $entry) {
            if ($entry->id->hex() === $id) {
                return $entry;
            }
        }

        return null;
    }

    /** @param  list<Target>  $known */
    private function target(Request $request, array $known): ?Target
    {
        $channel = Channel::tryFrom((string) $request->query('channel'));
        $purpose = (string) $request->query('purpose');
        foreach ($known as $target) {
            if ($target->purpose === $purpose && $target->channel === $channel) {
                return $target;
            }
        }

        return $known[0] ?? null;
    }
}
