<?php

declare(strict_types=1);

namespace App\Actions\Account;

/** A session in which somebody is signed in. */
final readonly class OpenSession
{
    /**
     * @param  string  $name  a digest of its id
     * @param  string  $seen  when it was last used, as the office reads times
     * @param  bool  $own  whether it is the one that asks
     */
    public function __construct(public string $name, public string $browser, public string $seen, public bool $own) {}
}
