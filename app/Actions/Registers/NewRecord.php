<?php

declare(strict_types=1);

namespace App\Actions\Registers;

/** What somebody says of a record that is to be begun. */
final readonly class NewRecord
{
    /**
     * @param  string  $name  what it is called
     * @param  string  $address  of a controller, its postal address
     * @param  string  $controller  to which it belongs; the first there is, where none is given
     * @param  string  $purpose  of a statement, what it asks for
     * @param  string  $starter  of a statement, from which it begins
     */
    public function __construct(
        public string $name, public string $address = '', public string $controller = '', public string $purpose = '', public string $starter = ''
    ) {}
}
