<?php

namespace Aldera;

class Agent
{
    public function __construct(private Departure $departure)
    {
    }

    public function order(array $ships): void
    {
        foreach ($ships as $ship) {
            $this->departure->sail($ship);
        }
    }
}
