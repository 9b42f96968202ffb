<?php

declare(strict_types=1);

namespace Shop;

function percentOff(int $percent): \Closure
{
    return fn (int $cents): int => intdiv($cents * (100 - $percent), 100);
}

function everyTenEuros(int $cents): int
{
    return $cents - intdiv($cents, 1000) * 100;
}
