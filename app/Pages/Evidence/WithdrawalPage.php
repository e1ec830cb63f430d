<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Pages\Controls\Option;
use App\Queries\Registers\RegistersInForce;
use App\Support\SystemClock;
use Juramen\Consent\How;
use Juramen\Register\Purpose;

/** What can be said of a withdrawal that reached the house otherwise than by its links. */
final readonly class WithdrawalPage
{
    /** @var list<Option> */
    public array $purposes;

    /** @var list<Option> */
    public array $ways;

    public string $day;

    public string $today;

    public function __construct(RegistersInForce $inForce, SystemClock $clock)
    {
        $purposes = ['' => 'everything'];
        foreach ($inForce->registers()->purposes->all() as $purpose) {
            $purposes[$purpose->id->text] = self::named($purpose);
        }
        $ways = [];
        foreach (How::told() as $how) {
            $ways[$how->value] = (string) __("office.told.$how->value");
        }
        $typed = static fn (string $name, string $else): string => is_string($old = old($name)) ? $old : $else;
        $this->purposes = Option::all($purposes, [$typed('purpose', '')]);
        $this->ways = Option::all($ways, [$typed('how', How::Phone->value)]);
        $this->today = $clock->today()->text;
        $this->day = $typed('day', $this->today);
    }

    private static function named(Purpose $purpose): string
    {
        return lcfirst($purpose->title());
    }
}
