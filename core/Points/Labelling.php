<?php

declare(strict_types=1);

namespace Juramen\Points;

/** Where the label of a field stands. */
enum Labelling
{
    /** Over its one input. */
    case Above;
    /** Over several inputs, each of which has one of its own. */
    case Group;
    /** Beside a box; the control writes it. */
    case Beside;
    /** Nowhere: nobody sees the field. */
    case None;
}
