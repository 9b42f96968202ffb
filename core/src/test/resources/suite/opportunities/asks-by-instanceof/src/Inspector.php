<?php

namespace Aldera;

final class Inspector
{
    public function risk(Cargo $cargo): int
    {
        if ($cargo instanceof Oil) {
            return 100 - $cargo->flashpoint();
        }
        if ($cargo instanceof Coal) {
            return 20;
        }
        return 1;
    }

    public function instructions(Cargo $cargo): string
    {
        if ($cargo instanceof Fruit) {
            return 'keep at ' . $cargo->degrees();
        } elseif ($cargo instanceof Oil) {
            return 'no open fire';
        }
        return 'none';
    }
}
