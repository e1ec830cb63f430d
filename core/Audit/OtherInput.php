<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What else is filled in or chosen on a page of others, and asks for nothing that is judged by its words: a password, a file, a list, a box. */
final readonly class OtherInput
{
    /**
     * @param  string  $what  it is: "a password"
     * @param  Response|null  $response  how a box stands; null for anything else
     */
    public function __construct(public Selector $where, public string $label, public string $what, public bool $required, public ?Response $response) {}
}
