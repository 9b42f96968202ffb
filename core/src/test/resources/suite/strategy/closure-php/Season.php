<?php

namespace Pass;

class Season
{
    public function summer(TollGate $gate): void
    {
        $gate->charge(fn (int $axles): int => $axles * 4);
    }

    public function winter(TollGate $gate): void
    {
        $gate->charge($this->chains(...));
    }

    private function chains(int $axles): int
    {
        return $axles * 3 + 10;
    }
}
