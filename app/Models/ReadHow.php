<?php

declare(strict_types=1);

namespace App\Models;

/** How a form from elsewhere came here. */
enum ReadHow: string
{
    case Pasted = 'pasted';
    case File = 'file';
    case Address = 'address';
    case Watched = 'watched';
}
