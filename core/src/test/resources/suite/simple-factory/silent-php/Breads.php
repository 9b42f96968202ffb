<?php

interface Bread
{
    public function bake(int $minutes): string;
}

class Rye implements Bread
{
    public function bake(int $minutes): string
    {
        return "rye after $minutes";
    }
}

class Spelt implements Bread
{
    public function bake(int $minutes): string
    {
        return 'spelt after ' . ($minutes + 5);
    }
}

class Baker
{
    public function make(string $kind): ?Bread
    {
        switch ($kind) {
            case 'rye':
                return new Rye();
            case 'spelt':
                return new Spelt();
        }
        return null;
    }
}
