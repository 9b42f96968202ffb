<?php

namespace Aldera;

class Ledger
{
    private array $closed = [];

    public function close(string $ship): void
    {
        $this->closed[] = $ship;
    }
}
