<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Casts\Instants;
use App\Support\SystemClock;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Takes a visit mark out of circulation within the transaction that uses it, so that one page makes one sign-up. */
final class SpendMark
{
    public function __construct(private readonly SystemClock $clock) {}

    /**
     * @return bool false where the very same submission was taken before
     *
     * @throws MarkAlreadySpent where the mark was spent on something else
     */
    public function __invoke(Signup $signup): bool
    {
        if ($signup->nonce === null) {
            return true;
        }
        $content = $signup->content(config()->string('app.key'));
        try {
            DB::table('spent_marks')->insert(
                ['nonce' => $signup->nonce->bytes, 'content' => $content->bytes, 'spent_at' => Instants::write($this->clock->instant())]
            );

            return true;
        } catch (UniqueConstraintViolationException) {
            $spent = DB::table('spent_marks')->where('nonce', $signup->nonce->bytes)->value('content');

            return $spent === $content->bytes ? false : throw new MarkAlreadySpent('This page was sent before with other answers.');
        }
    }
}
