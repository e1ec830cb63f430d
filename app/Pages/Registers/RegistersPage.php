<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Pages\Controls\Option;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\SystemClock;
use Juramen\Canon\Slug;
use Juramen\Points\Registers;
use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Wording\Statement;

/** All registers on one page. */
final class RegistersPage
{
    public function __construct(private readonly RegistersInForce $inForce, private readonly SystemClock $clock) {}

    /** @param  mixed  $sort  as the address says */
    public function controllers(mixed $sort): RegisterTable
    {
        $in = static fn (array $languages): string => implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $languages));

        $rows = array_map(static fn (Controller $c): RegisterRow => new RegisterRow($c->name, route('records.show', ['controller', $c->id->text]), '', [
            $c->postalAddress, $c->contact,
            $in($c->notice->languages()).($c->noticeText->languages() === [] ? '' : ' · text held in '.$in($c->noticeText->languages())),
        ]), $this->registers()->controllers->all());

        return new RegisterTable('Controllers', 'controllers', ['Name', 'Where', 'Reached at', 'Privacy notice'], $rows, $sort);
    }

    /** @param  mixed  $sort  as the address says */
    public function purposes(mixed $sort): RegisterTable
    {
        $registers = $this->registers();

        $rows = array_map(function (Purpose $p) use ($registers): RegisterRow {
            $statements = $this->inForce->namesOf($registers->statements->filter(static fn (Statement $s): bool => $s->purpose->equals($p->id)));

            return new RegisterRow(ucfirst($p->title()), route('records.show', ['purpose', $p->id->text]), $registers->controller($p->controller)->name, [
                implode(', ', array_filter([$p->contents->orNothing(Language::English), $p->rates->orNothing(Language::English)])),
                $p->basis->says().($p->measures ? ' · opens and clicks measured' : ''),
                ($p->refreshMonths === 0 ? 'as the house: '.$registers->house->refreshMonths(Channel::Email) : $p->refreshMonths).' months',
                implode(', ', $statements) ?: 'none',
            ]);
        }, $registers->purposes->all());

        return new RegisterTable('Purposes', 'purposes', ['Purpose', 'What comes', 'Stands on', 'Asked again after', 'Statements'], $rows, $sort);
    }

    /** @param  mixed  $sort  as the address says */
    public function channels(mixed $sort): RegisterTable
    {
        $registers = $this->registers();

        $rows = array_map(fn (Channel $c): RegisterRow => new RegisterRow($c->value, '', '', [
            $registers->house->refreshMonths($c).' months',
            implode(', ', $this->inForce->namesOf($registers->statements->filter(static fn (Statement $s): bool => $s->asksBy($c)))) ?: 'none',
        ]), Channel::cases());

        return new RegisterTable('Channels', 'channels', ['Channel', 'Consent is asked for again after', 'Statements that ask for it'], $rows, $sort);
    }

    /** @param  mixed  $sort  as the address says */
    public function processors(mixed $sort): RegisterTable
    {
        $rows = array_map(fn (Processor $p): RegisterRow => new RegisterRow(
            $p->name, route('records.show', ['processor', $p->id->text]), $p->own ? 'for its own use' : 'works for us', [
                $p->does, implode(', ', array_map(static fn (Slug $s): string => $s->text, $p->purposes)),
                ($p->contract ?: 'none').($p->until === null ? '' : ' · until '.Moments::plain($p->until->text)), $p->country?->name() ?? 'not said',
            ], $p->lacks($this->clock->today()),
        ), $this->registers()->processors->all());
        $columns = ['Name', 'What it does', 'Purposes', 'Contract', 'Details kept in'];

        return new RegisterTable('Processors and recipients', 'processors', $columns, $rows, $sort, record: true);
    }

    /** @return list<Option> controllers to choose from; none where there is no choice */
    public function choices(): array
    {
        $all = $this->registers()->controllers->all();

        return count($all) < 2 ? [] : array_map(static fn (Controller $c): Option => new Option($c->id->text, $c->name), $all);
    }

    private function registers(): Registers
    {
        return $this->inForce->registers();
    }
}
