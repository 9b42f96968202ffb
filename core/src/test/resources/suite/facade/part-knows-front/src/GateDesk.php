<?php

namespace Aldera;

class GateDesk
{
    private bool $open = false;

    public function open(): void
    {
        $this->open = true;
    }
}
