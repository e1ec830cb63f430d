<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Support\VisitorWords;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Juramen\Audit\Judgement;
use Juramen\Canon\Document;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Processor;
use Juramen\Wording\Statement;

/**
 * What all requirements say of a sheet or statement, kept by the digest of everything that they look at: lists and the desk judge
 * nothing anew.
 */
final class Judgements
{
    /** Seconds for which a judgement is kept unread. */
    private const KEPT = 7 * 86400;

    public function ofSheet(Sheet $sheet, Registers $registers): Judgement
    {
        return self::kept()->remember($this->key('sheet', $sheet, $registers), self::KEPT, fn (): Judgement => $this->judge($sheet, $registers));
    }

    /** What is only being typed is judged and not kept. */
    public function ofTyped(Sheet $sheet, Registers $registers): Judgement
    {
        return $this->judge($sheet, $registers);
    }

    public function ofStatement(Statement $statement, Registers $registers): Judgement
    {
        $purpose = $registers->purpose($statement->purpose);
        $looked = Document::from(
            [
                'purpose' => $purpose->document()->toArray(), 'statement' => $statement->document()->toArray(),
                'around' => $this->besides($purpose->controller->text, [$statement], $registers),
                'names' => array_map(
                    static fn (Controller|Processor $c): string => $c->name, [...$registers->controllers->all(), ...$registers->processors->all()]
                ),
            ]
        );

        return self::kept()->remember('statement '.$this->named($looked), self::KEPT, fn (): Judgement => Judgement::ofStatement($statement, $registers));
    }

    private function judge(Sheet $sheet, Registers $registers): Judgement
    {
        return Judgement::ofSheet($sheet, $registers, VisitorWords::form(...));
    }

    private function key(string $what, Sheet $sheet, Registers $registers): string
    {
        $looked = Document::from([
            'sheet' => $sheet->document()->toArray(),
            'around' => $this->besides($sheet->draft->controller->text, $sheet->statements, $registers),
        ]);

        return "$what ".$this->named($looked);
    }

    /**
     * What of the registers requirements look at besides.
     *
     * @param  list<Statement>  $statements
     * @return list<mixed>
     */
    private function besides(string $controller, array $statements, Registers $registers): array
    {
        $around = [$registers->house->document()->toArray(), $registers->controller($controller)->document()->toArray()];
        foreach ($statements as $statement) {
            $purpose = $registers->purpose($statement->purpose);
            $around[] = $purpose->document()->toArray();
            foreach ($registers->recipients($purpose) as $recipient) {
                $around[] = $recipient->document()->toArray();
            }
        }

        return $around;
    }

    /** Requirements and words that judged otherwise are others: the release stands in the name. */
    private function named(Document $looked): string
    {
        return hash('sha256', $looked->json().config('juramen.release'));
    }

    private static function kept(): Repository
    {
        return Cache::store('computed');
    }
}
