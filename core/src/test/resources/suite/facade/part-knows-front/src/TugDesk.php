<?php

namespace Aldera;

class TugDesk
{
    private array $sent = [];

    public function send(string $ship, int $count): void
    {
        $this->sent[$ship] = $count;
    }
}
