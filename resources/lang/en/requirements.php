<?php

declare(strict_types=1);

/*
 * Each requirement for whoever asks what it means, by the groups of the catalogue: what it is called in a list, what its source says in our words,
 * how it is checked, and what cannot be seen.
 */
return [
    ...require __DIR__.'/requirements/a-clear-act.php',
    ...require __DIR__.'/requirements/separate.php',
    ...require __DIR__.'/requirements/freely-given.php',
    ...require __DIR__.'/requirements/informed.php',
    ...require __DIR__.'/requirements/proved.php',
    ...require __DIR__.'/requirements/little-asked.php',
    ...require __DIR__.'/requirements/withdrawn-and-after.php',
    ...require __DIR__.'/requirements/safe.php',
    ...require __DIR__.'/requirements/regimes.php',
];
