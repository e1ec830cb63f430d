<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Support\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Juramen\Canon\Refused;

/** Several lines of a list, chosen together, and what is to be done with each of them. */
final class SeveralRequest extends FormRequest
{
    /** As many as stand on a page, and some. */
    private const MOST = 200;

    /** @return list<string> each once */
    public function chosen(): array
    {
        $given = $this->input('chosen');

        return array_slice(array_values(array_unique(array_filter(is_array($given) ? $given : [], is_string(...)))), 0, self::MOST);
    }

    public function act(): string
    {
        return is_string($act = $this->input('act')) ? $act : '';
    }

    /**
     * Does it with each, and says with how many it was done, and what stopped it with others.
     *
     * @param  callable(string, User): bool  $do  whether it was done with that one
     * @param  string  $done  what it is then, such as "deleted"
     */
    public function each(callable $do, string $done): string
    {
        [$chosen, $by] = [$this->chosen(), SignedIn::user($this)];
        if ($chosen === []) {
            return 'Nothing was chosen.';
        }
        [$count, $gone, $refused] = [0, 0, []];
        foreach ($chosen as $id) {
            try {
                $do($id, $by) ? $count++ : $gone++;
            } catch (Refused $e) {
                $refused[] = $e->getMessage();
            }
        }

        return ($count === 0 ? 'None is ' : "$count ".($count === 1 ? 'is ' : 'are ')).$done.'.'.match (true) {
            $gone === 0 => '',
            $gone === 1 => ' With one somebody was quicker.',
            default => " With $gone somebody was quicker.",
        }.match (count($refused)) {
            0 => '',
            1 => " One stays: $refused[0]",
            default => ' '.count($refused)." stay, the first of them for this: $refused[0]",
        };
    }
}
