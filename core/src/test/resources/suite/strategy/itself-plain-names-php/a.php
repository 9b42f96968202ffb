<?php

final class Steam
{
    public static function clean(Carpet $carpet): void
    {
        $carpet->wet = true;
    }
}

final class Powder
{
    public static function clean(Carpet $carpet): void
    {
        $carpet->dust = false;
    }
}

final class Carpet
{
    public bool $wet = false;
    public bool $dust = true;
}

final class Cleaner
{
    private $way;

    public function __construct(string $way)
    {
        $this->way = $way;
    }

    public function run(Carpet $carpet): void
    {
        $this->way::clean($carpet);
    }
}

(new Cleaner(Steam::class))->run(new Carpet());
(new Cleaner(Powder::class))->run(new Carpet());
