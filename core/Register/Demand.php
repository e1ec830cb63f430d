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
     * @param  string  $source  recalled from memory
     * @param  string  $doubt  what of it is least sure; empty where it is well known
     */
    public function __construct(
        public Regime $regime, public ?Rule $rule, public bool|int|null $value, public string $says, public string $source,
        public string $doubt = ''
    ) {}

    /** How far the source can be relied on. */
    public function sure(): string
    {
        return SourceCheck::says($this->doubt);
    }
}
