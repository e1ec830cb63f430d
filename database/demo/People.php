<?php

declare(strict_types=1);

namespace Database\Demo;

/** Who works at Tidewick Ferries; all invented. */
final class People
{
    public const PASSWORD = 'harbour-lamp-42';

    /** Name, address, role. */
    public const ALL = [
        ['Runa Ekdahl', 'runa@tidewick.example', 'officer'],
        ['Arne Holmqvist', 'arne@tidewick.example', 'officer'],
        ['Malin Fors', 'malin@tidewick.example', 'editor'],
        ['Tove Brandvold', 'tove@audit.example', 'auditor'],
        ['Sven Ravn', 'sven@tidewick.example', 'administrator'],
    ];
}
