<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Something that a regime demands beyond what holds everywhere. */
final readonly class Demand
{
    /**
     * @param  Rule|null  $rule  the house rule that it settles; null where it is a duty of another kind
     * @param  bool|int|null  $value  that the rule must have
     * @param  string  $says  in a sentence
     * @param  string  $source  recalled from memory; how sure it is stands behind
     */
    public function __construct(
        public Regime $regime, public ?Rule $rule, public bool|int|null $value, public string $says, public string $source,
        public string $sure = 'from memory; well known'
    ) {}
}
