<?php

abstract class Craft
{
    public function __construct(public int $length)
    {
    }
}

final class Sloop extends Craft
{
}

final class Trawler extends Craft
{
}

final class FeeTable
{
    public function mooring(Craft $craft): int
    {
        if ($craft instanceof Sloop) {
            return $craft->length * 2;
        }
        if ($craft instanceof Trawler) {
            return $craft->length * 5;
        }
        return 0;
    }

    public function label(Craft $craft): string
    {
        return match (true) {
            $craft instanceof Sloop => 'sloop',
            $craft instanceof Trawler => 'trawler',
            default => 'craft',
        };
    }
}

echo (new FeeTable())->label(new Sloop(9)), (new FeeTable())->mooring(new Trawler(20));
