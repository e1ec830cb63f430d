<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What weight a source has. */
enum SourceKind: string
{
    case Law = 'law';
    /** A court's or an authority's decision. */
    case Case = 'case';
    /** Guidance of regulators. */
    case Guide = 'guide';
    /** Good practice and house rules; never more than a weakness. */
    case Ours = 'ours';
}
