<?php

namespace Pass;

use Closure;

class TollGate
{
    private ?Closure $rule = null;
    private int $taken = 0;

    public function charge(callable $rule): void
    {
        $this->rule = Closure::fromCallable($rule);
    }

    public function pass(int $axles): void
    {
        $this->taken += $this->rule ? ($this->rule)($axles) : 5;
    }
}
