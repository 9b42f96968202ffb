<?php

interface Way
{
    public static function clean(Carpet $carpet): void;
}

final class Steam implements Way
{
    public static function clean(Carpet $carpet): void
    {
        $carpet->wet = true;
    }
}

final class Powder implements Way
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
    /** @param class-string<Way> $way */
    public function __construct(private string $way)
    {
    }

    public function run(Carpet ...$carpets): void
    {
        foreach ($carpets as $carpet) {
            $this->way::clean($carpet);
        }
    }
}

(new Cleaner(Steam::class))->run(new Carpet());
(new Cleaner(Powder::class))->run(new Carpet());
