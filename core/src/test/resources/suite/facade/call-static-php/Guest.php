<?php

namespace Inn;

class Guest
{
    public function morning(Breakfast $breakfast): string
    {
        return $breakfast->omelette(3);
    }
}
