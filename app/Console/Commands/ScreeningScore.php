<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Screening\GatherFacts;
use App\Actions\Screening\Judge;
use App\Console\Report;
use Juramen\Canon\Document;
use Juramen\Canon\Refused;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Screening\Assessment;
use Juramen\Screening\Band;
use Juramen\Screening\Lines;
use Juramen\Screening\Nearby;
use Juramen\Screening\Puzzled;
use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;
use RuntimeException;

/** Judges one submission from a file, and says what each signal adds. */
final class ScreeningScore extends Report
{
    protected $signature = 'screening:score {file : JSON with email, and where known name, message, seconds, trap, puzzle, near} {--json}';

    protected $description = 'Says the risk of a submission, its band and every signal\'s part; needs no database, and keeps nothing';

    public function __construct(private readonly GatherFacts $facts)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $file = (string) $this->argument('file');
        $given = $this->read(is_file($file) ? (string) file_get_contents($file) : throw new RuntimeException("There is no file $file."));
        $near = $given->part('near');
        $facts = $this->facts->of(
            $this->address($given->text('email')), $given->text('name'), $given->text('message'), $given->flag('trap') === true, $given->number('seconds')
        )->puzzled(match ($given->text('puzzle')) {
            'solved' => Puzzled::Solved,
            'left' => Puzzled::Left,
            default => Puzzled::Not,
        })->counted($given->number('mailbox') ?? 0, new Nearby(
            $near->number('network') ?? 0, $near->number('domain') ?? 0, $near->number('pattern') ?? 0, $near->number('text') ?? 0
        ));
        $assessment = Judge::by(Lines::ours(), Weights::ours())->assess($facts);
        $this->say($assessment);

        return $assessment->band === Band::Pass ? self::SUCCESS : self::FOUND;
    }

    private function read(string $text): Document
    {
        $data = json_decode($text, true);

        try {
            return Document::from(is_array($data) ? $data : throw new RuntimeException('The file is one JSON object with "email" in it.'));
        } catch (Refused $e) {
            throw new RuntimeException('The file holds what no submission has: '.$e->getMessage());
        }
    }

    private function address(string $typed): EmailAddress
    {
        try {
            return EmailAddress::parse($typed);
        } catch (InvalidEmailAddress) {
            throw new RuntimeException('Give a whole email address as "email": without one nothing is taken.');
        }
    }

    private function say(Assessment $of): void
    {
        $round = static fn (float $number): float => round($number, 2);
        $signals = array_map(static fn (WeighedSignal $s): array => [
            'id' => $s->signal->id(), 'says' => $s->signal->says(), 'amount' => $round($s->amount), 'weight' => $round($s->weight),
            'part' => $round($s->part()),
        ], $of->signals);
        if ($this->option('json')) {
            $this->json(['risk' => $of->risk, 'band' => $of->band->value, 'start' => $of->base, 'sum' => $round($of->sum), 'signals' => $signals]);

            return;
        }
        foreach ($signals as $signal) {
            $this->line(sprintf('%+6.2f  %s', $signal['part'], $signal['says']));
        }
        $this->line(sprintf('%+6.2f  Start, for everybody', $of->base));
        $this->line(sprintf('%+6.2f  Sum: a risk of %d %%, which is to %s', $of->sum, $of->risk, match ($of->band) {
            Band::Pass => 'pass',
            Band::Puzzle => 'solve a puzzle',
            Band::Hold => 'be held',
            Band::Refuse => 'be refused',
        }));
    }
}
