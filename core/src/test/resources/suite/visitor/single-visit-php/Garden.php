<?php

interface Keeper
{
    public function visit(Bed $bed): void;
}

interface Bed
{
    public function welcome(Keeper $keeper): void;

    public function area(): int;
}

class Roses implements Bed
{
    public function __construct(private int $metres)
    {
    }

    public function welcome(Keeper $keeper): void
    {
        $keeper->visit($this);
    }

    public function area(): int
    {
        return $this->metres * 2;
    }
}

class Herbs implements Bed
{
    public function welcome(Keeper $keeper): void
    {
        $keeper->visit($this);
    }

    public function area(): int
    {
        return 3;
    }
}

class Waterer implements Keeper
{
    private int $litres = 0;

    public function visit(Bed $bed): void
    {
        $this->litres += $bed->area() * 5;
    }
}

class Weeder implements Keeper
{
    private array $done = [];

    public function visit(Bed $bed): void
    {
        $this->done[] = $bed;
    }
}

class Garden
{
    /** @var Bed[] */
    private array $beds = [];

    public function plant(Bed $bed): void
    {
        $this->beds[] = $bed;
    }

    public function tend(Keeper $keeper): void
    {
        foreach ($this->beds as $bed) {
            $bed->welcome($keeper);
        }
    }
}

$garden = new Garden();
$garden->plant(new Roses(4));
$garden->plant(new Herbs());
$garden->tend(new Waterer());
$garden->tend(new Weeder());
