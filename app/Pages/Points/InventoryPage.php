<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Point;
use App\Models\Subscriber;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Points\PointFilter;
use App\Queries\Points\PointLife;
use App\Queries\Points\PointStatus;
use App\Queries\Registers\RegistersInForce;
use App\Support\Sorting;
use App\Support\SystemClock;
use Juramen\Points\PointStarter;
use Juramen\Points\PointStarters;
use Juramen\Register\Controller;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Juramen\Wording\Statement;

/** The whole inventory, as a table or as a picture. */
final readonly class InventoryPage
{
    private const FINDINGS = ['' => 'any findings', 'breach' => 'a breach', 'weakness' => 'a weakness', 'to-do' => 'something to do',
        'none' => 'nothing found'];

    /**
     * @param  list<PointRow>  $rows
     * @param  list<Option>  $controllers
     * @param  list<Option>  $states
     * @param  list<Option>  $languages
     * @param  list<Option>  $countries
     * @param  list<Option>  $findings
     * @param  list<Option>  $statements
     * @param  list<PointStarter>  $starters
     * @param  PointPicture|null  $picture  null where the table is shown
     */
    private function __construct(
        public int $count, public array $rows, public PointFilter $filter, public Sorting $sorting, public array $controllers, public array $states,
        public array $languages, public array $countries, public array $findings, public array $statements, public array $starters,
        public string $starter, public bool $may, public bool $seesPeople, public string $since, public ?PointPicture $picture
    ) {}

    /**
     * @param  list<PointStatus>  $all
     * @param  list<PointStatus>  $shown
     * @param  string  $statement  that was chosen before
     * @param  string  $starter  that was chosen before
     */
    public static function of(
        array $all, array $shown, PointFilter $filter, Sorting $sorting, RegistersInForce $inForce, SystemClock $clock, User $user, bool $drawn,
        string $statement, string $starter
    ): self {
        $registers = $inForce->registers();
        $today = $clock->today();
        $name = static fn (PointStatus $s): string => $registers->controller($s->sheet->draft->controller)->name;
        $used = array_unique(array_merge([], ...array_map(
            static fn (PointStatus $s): array => array_map(static fn (Country $c): string => $c->code, $s->sheet->draft->countries), $all
        )));
        sort($used);

        return new self(
            count($all), array_map(static fn (PointStatus $s): PointRow => PointRow::of($s, $today, $name($s)), $shown), $filter, $sorting,
            self::options('every controller', array_map(
                static fn (Controller $c): Option => new Option($c->id->text, $c->name, $c->id->text === $filter->controller), $registers->controllers->all()
            )),
            self::options('any state', array_map(static fn (PointLife $l): Option => new Option($l->value, $l->value, $l === $filter->life),
                PointLife::cases())),
            self::options('any language', array_map(
                static fn (Language $l): Option => new Option($l->value, $l->endonym(), $l === $filter->language), Language::cases()
            )),
            self::options('anywhere', array_map(
                static fn (string $code): Option => new Option($code, Country::parse($code)->name(), $code === $filter->country), $used
            )),
            Option::all(self::FINDINGS, [$filter->findings]),
            array_map(
                static fn (Statement $s): Option => new Option($s->id->text, $inForce->nameOfStatement($s->id), $statement === $s->id->text),
                $registers->statements->all()
            ),
            PointStarters::all(), $starter, $user->can('change', Point::class), $user->can('viewAny', Subscriber::class), $today->plus(-30)->text,
            $drawn ? PointPicture::of($shown, $today, $name) : null,
        );
    }

    /**
     * @param  list<Option>  $options
     * @return list<Option>
     */
    private static function options(string $any, array $options): array
    {
        return [new Option('', $any), ...$options];
    }
}
