<?php

namespace Aldera;

class Desk
{
    public function arrive(string $ship): void
    {
        Registry::instance()->add($ship);
    }
}
