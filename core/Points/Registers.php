<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Controller;
use Juramen\Register\Departure;
use Juramen\Register\Holding;
use Juramen\Register\HouseRules;
use Juramen\Register\InvalidRegister;
use Juramen\Register\LegalBasis;
use Juramen\Register\PointRules;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\Regime;
use Juramen\Wording\Fillings;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/**
 * The registers at one moment. A sheet names statements and departs from rules; with the registers it becomes whole: its
 * statements with their words, placeholders filled, and its rules with what the house and its visitors' law demand.
 */
final readonly class Registers
{
    /**
     * @param  array<string, Controller>  $controllers  by id, as the others
     * @param  array<string, Purpose>  $purposes
     * @param  array<string, Statement>  $statements  the edition in force of each, or its draft where none was ever approved
     * @param  array<string, Processor>  $processors
     * @param  list<string>  $drafts  what was never approved and is here only so that it can be written with: "purpose voyage-news"
     */
    public function __construct(public HouseRules $house, public array $controllers, public array $purposes, public array $statements, public array $processors, private array $drafts = []) {}

    /** The same with one of them changed, as if it were approved, to see what would come of it. */
    public function with(HouseRules|Controller|Purpose|Statement|Processor $changed): self
    {
        $name = match (true) {
            $changed instanceof HouseRules => 'rules house',
            $changed instanceof Controller => "controller {$changed->id}",
            $changed instanceof Purpose => "purpose {$changed->id}",
            $changed instanceof Statement => "statement {$changed->id}",
            $changed instanceof Processor => "processor {$changed->id}",
        };

        return new self(
            $changed instanceof HouseRules ? $changed : $this->house,
            $changed instanceof Controller ? [...$this->controllers, $changed->id => $changed] : $this->controllers,
            $changed instanceof Purpose ? [...$this->purposes, $changed->id => $changed] : $this->purposes,
            $changed instanceof Statement ? [...$this->statements, $changed->id => $changed] : $this->statements,
            $changed instanceof Processor ? [...$this->processors, $changed->id => $changed] : $this->processors,
            array_values(array_diff($this->drafts, [$name])),
        );
    }

    /**
     * What fills the words of a sheet and was never approved: its controller, the purposes of its statements, the recipients
     * they name, the house rules, the statements themselves.
     *
     * @return list<string> such as "purpose voyage-news"
     */
    public function draftsBehind(Sheet $sheet): array
    {
        $behind = ['rules house', "controller {$sheet->controller}"];
        foreach ($sheet->statements as $statement) {
            $purpose = $this->purpose($statement->purpose);
            array_push($behind, "statement {$statement->id}", "purpose {$purpose->id}", ...array_map(static fn (Processor $p): string => "processor {$p->id}", $this->recipients($purpose)));
        }

        return array_values(array_intersect($this->drafts, $behind));
    }

    public function controller(string $id): Controller
    {
        return $this->controllers[$id] ?? throw new InvalidSheet("There is no controller \"$id\" in the register.");
    }

    public function purpose(string $id): Purpose
    {
        return $this->purposes[$id] ?? throw new InvalidSheet("There is no purpose \"$id\" in the register.");
    }

    public function statement(string $id): Statement
    {
        return $this->statements[$id] ?? throw new InvalidSheet("There is no statement \"$id\" in the register, or it is retired; choose another one.");
    }

    /**
     * A sheet's document made whole: what its form would be if it were published now.
     *
     * @param  array<string, mixed>  $document  as revised: statements by id, departures from rules
     * @return array<string, mixed> as Sheet::read() takes it
     *
     * @throws InvalidSheet
     */
    public function complete(array $document): array
    {
        $statements = [];
        foreach (is_array($document['statements'] ?? null) ? $document['statements'] : [] as $named) {
            $id = is_array($named) ? $named['id'] ?? null : null;
            if (! is_string($id)) {
                throw new InvalidSheet('The sheet names a statement without saying which.');
            }
            if ($this->purpose($this->statement($id)->purpose)->basis !== LegalBasis::Consent) {
                throw new InvalidSheet("\"$id\" does not ask for consent ({$this->purpose($this->statement($id)->purpose)->basis->says()}), so no tick box can stand for it on a form of ours.");
            }
            $statements[] = $this->fillings($this->statement($id)->purpose)->fill($this->statement($id))->toArray();
        }
        $rules = $this->rules($document);
        // A reminder for which the time to confirm leaves no room is left out.
        if (($rules['reminder-days'] ?? 0) >= ($rules['lapse-days'] ?? 0)) {
            $rules['reminder-days'] = 0;
        }

        return [...$document, 'statements' => $statements, 'rules' => PointRules::from($rules)->toArray()];
    }

    /**
     * Refuses departures that do not fit together with the rules they leave standing.
     *
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidRegister
     */
    public function check(array $document): void
    {
        if (isset($document['departures']['reminder-days'])) {
            PointRules::from($this->rules($document));
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, bool|int>
     */
    private function rules(array $document): array
    {
        $rules = [];
        foreach ($this->holdings($document) as $holding) {
            $rules[$holding->rule->value] = $holding->value;
        }

        return $rules;
    }

    /**
     * Which rule holds for the sheet, and why.
     *
     * @param  array<string, mixed>  $document
     * @return list<Holding>
     */
    public function holdings(array $document): array
    {
        $departures = is_array($document['departures'] ?? null) ? $document['departures'] : [];
        $countries = array_values(array_filter(is_array($document['countries'] ?? null) ? $document['countries'] : [], is_string(...)));

        return Holding::of(
            $this->house,
            Regime::ofAll($countries, $this->house->unknownIsStrict),
            array_map(static fn (string|int $key, mixed $d): Departure => Departure::from((string) $key, $d), array_keys($departures), array_values($departures)),
        );
    }

    /** @return list<Unfilled> placeholders of a statement that cannot be filled */
    public function unfilled(Statement $statement): array
    {
        return $this->fillings($statement->purpose)->missing($statement);
    }

    public function fillings(string $purpose): Fillings
    {
        $of = $this->purpose($purpose);

        return new Fillings($this->controller($of->controller), $of, $this->recipients($of));
    }

    /** @return list<Processor> that get the details of this purpose for their own use */
    public function recipients(Purpose $purpose): array
    {
        return array_values(array_filter($this->processors, static fn (Processor $p): bool => $p->own && in_array($purpose->id, $p->purposes, true)));
    }
}
