<?php

namespace Depot;

class Clerk
{
    public function receive(string $item): int
    {
        Stock::instance()->put($item);
        return Stock::instance()->count();
    }
}
