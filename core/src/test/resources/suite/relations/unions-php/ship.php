<?php

namespace Aldera;

class Berth
{
    public int $number = 0;
}

class ColdBerth extends Berth
{
}

class Ship
{
    private Berth|ColdBerth $place;

    /** @var string|Berth */
    private $next;
}

class Tug
{
    /** @param int|ColdBerth $at */
    public function __construct(private $at)
    {
    }
}
