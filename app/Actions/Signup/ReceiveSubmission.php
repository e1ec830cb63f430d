<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Support\PublishedForms;
use App\Support\QuietReport;
use App\Support\SystemClock;
use App\Support\UnknownBytes;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Juramen\Consent\How;
use Juramen\Points\Filling;
use Juramen\Points\PointEdition;
use Juramen\Points\VisitMark;
use Juramen\Register\Language;
use Juramen\Register\Network;
use Juramen\Screening\Band;
use Juramen\Screening\Screen;
use Juramen\Screening\Signal;
use PDOException;

/**
 * What happens to a form that was sent: its marks are read, its answers checked, screening is asked, and it is taken,
 * held, or shown again with everything that was typed. Taken and held look alike from outside.
 */
final class ReceiveSubmission
{
    public function __construct(
        private readonly Marks $marks,
        private readonly PublishedForms $published,
        private readonly Screen $screen,
        private readonly AcceptSignup $accept,
        private readonly HoldSubmission $hold,
        private readonly SystemClock $clock,
    ) {}

    public function __invoke(Request $request, PointEdition $current, Language $language): Verdict
    {
        $now = $this->clock->instant();
        $given = $request->request->all();
        $visit = $this->marks->visit(is_string($given[Marks::VISIT] ?? null) ? $given[Marks::VISIT] : '');
        $edition = $visit === null ? null : $this->shown($visit, $current);
        if ($visit === null || $edition === null || ! $this->isOurs($request, $visit, $language)) {
            return $this->check($request, $current, $language, $visit);
        }
        $posted = Posted::read($request, $edition, $language);
        if ($visit->isOld($now)) {
            return $this->fresh(Posted::read($request, $current, $language), 'old', ticks: $edition->digest()->equals($current->digest()), placement: $visit->placement);
        }
        $marks = array_intersect_key($given, [Marks::STAMP => true, Marks::VISIT => true]);
        $errors = $posted->errors();
        if ($errors !== []) {
            return $this->again($posted, 'errors', $marks, $errors);
        }
        try {
            return $this->screened($request, $posted, $visit, $marks);
        } catch (MarkAlreadySpent) {
            return $this->fresh($posted, 'spent', ticks: true, placement: $visit->placement);
        } catch (QueryException|PDOException $e) {
            QuietReport::write($e);

            return $this->again($posted, 'down', $marks, status: 503);
        }
    }

    /** @param  array<string, mixed>  $marks */
    private function screened(Request $request, Posted $posted, VisitMark $visit, array $marks): Verdict
    {
        $now = $this->clock->instant();
        $signup = new Signup(
            $posted->edition, $posted->language, $posted->email(), $posted->kept(), $posted->statements,
            How::FormServed, $visit->placement === Marks::PAGE ? Marks::PAGE : Marks::COPY, $now, $visit->nonce, Network::truncate((string) $request->ip()), $visit->placement === Marks::COPY_KEPT,
        );
        [$band, $signals] = $posted->edition->sheet->rules->screening ? $this->screen->judge($posted->trapTouched, $visit->age($now)) : [Band::Pass, []];
        if ($band === Band::Again) {
            return $this->again($posted, 'fast', $marks);
        }
        try {
            match ($band) {
                Band::Pass => ($this->accept)($signup),
                Band::Hold => ($this->hold)($signup, $signals),
            };
        } catch (TooManyForMailbox) {
            ($this->hold)($signup, [Signal::ManyForAddress]);
        }

        return Verdict::taken($posted->edition, $signup);
    }

    /**
     * Whether the page that was sent is the one that we served with this mark: sent from our own origin, in the mark's language,
     * and with no stamp that says something else.
     */
    private function isOurs(Request $request, VisitMark $visit, Language $language): bool
    {
        $stamp = $request->request->all()[Marks::STAMP] ?? null;
        $stamp = is_string($stamp) ? $this->marks->stamp($stamp) : null;

        return CameFrom::ours($request, (string) config('app.url')) && $visit->language === $language && ($stamp === null || $visit->fits($stamp));
    }

    /**
     * Sent from a copy or from somebody else's page: our own page is shown, with what was typed and every box empty, since a yes
     * carried over would be a preset tick. What the person wanted besides is kept at once, whether or not they go on.
     */
    private function check(Request $request, PointEdition $current, Language $language, ?VisitMark $visit): Verdict
    {
        $posted = Posted::read($request, $current, $language);
        if (! $current->sheet->kind->servesSomethingElse() || $posted->withoutTicks()->errors() !== []) {
            return $this->fresh($posted, 'check', ticks: false, placement: Marks::COPY);
        }
        try {
            $nonce = $visit->nonce ?? $this->marks->nonceFor($posted);
            $this->screenedEnquiry(new Signup(
                $current, $language, $posted->email(), $posted->kept(), [], How::FormServed, Marks::COPY, $this->clock->instant(), $nonce, Network::truncate((string) $request->ip()),
            ), $posted);
        } catch (MarkAlreadySpent) {
            // It was kept before.
        } catch (QueryException|PDOException $e) {
            QuietReport::write($e);

            return $this->fresh($posted, 'down', ticks: false, placement: Marks::COPY, status: 503);
        }

        return $this->fresh($posted, 'check-kept', ticks: false, placement: Marks::COPY_KEPT);
    }

    private function screenedEnquiry(Signup $enquiry, Posted $posted): void
    {
        if ($posted->trapTouched && $enquiry->edition->sheet->rules->screening) {
            ($this->hold)($enquiry, [Signal::TrapTouched]);
        } else {
            ($this->accept)($enquiry);
        }
    }

    /** The edition that the visit mark says was shown, where it is one of this very point. */
    private function shown(VisitMark $visit, PointEdition $current): ?PointEdition
    {
        if ($visit->edition->equals($current->digest())) {
            return $current;
        }
        try {
            $edition = $this->published->edition($visit->edition);
        } catch (UnknownBytes) {
            return null;
        }

        return $edition->sheet->point === $current->sheet->point ? $edition : null;
    }

    /**
     * The same page again, its mark not spent.
     *
     * @param  array<string, mixed>  $marks
     * @param  array<string, string>  $errors
     */
    private function again(Posted $posted, string $heading, array $marks, array $errors = [], int $status = 422): Verdict
    {
        return Verdict::again($posted->edition, new Filling($posted->values, $posted->ticked, $errors, $this->say($heading, $posted->language), array_filter($marks, is_string(...))), $status);
    }

    /** A new page with what was typed; ticks are carried over only where they were given to these very words. */
    private function fresh(Posted $posted, string $heading, bool $ticks, string $placement, int $status = 422): Verdict
    {
        return Verdict::again($posted->edition, new Filling(
            $posted->values, $ticks ? $posted->ticked : [], [], $this->say($heading, $posted->language), $this->marks->issue($posted->edition, $posted->language, $placement),
        ), $status);
    }

    private function say(string $heading, Language $language): string
    {
        return (string) __("visitor.again.$heading", [], $language->value);
    }
}
