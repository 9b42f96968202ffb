<?php

namespace Cinema;

class Usher
{
    public function __construct(private Evening $evening)
    {
    }

    public function open(): void
    {
        $this->evening->start();
    }
}

class Technician
{
    public function __construct(private Evening $evening, private Sound $sound)
    {
    }

    public function test(): void
    {
        $this->evening->start();
        $this->sound->level(11);
        $this->evening->end();
    }
}
