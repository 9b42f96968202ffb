<?php

namespace Aldera\House;

interface House
{
    public function find(string $name, ?Handle $handle = null): Handle;

    public function weigh(string $name): int;
}

abstract class Handle
{
    protected ?House $house = null;

    public function __construct(protected string $name = '')
    {
    }

    public function setHouse(House $house): void
    {
        $this->house = $house;
    }

    abstract public function label(): string;

    public function weight(): int
    {
        return $this->house->weigh($this->name);
    }
}

final class CrateHandle extends Handle
{
    public function label(): string
    {
        return 'crate ' . $this->name;
    }
}

final class BagHandle extends Handle
{
    public function label(): string
    {
        return 'bag ' . $this->name;
    }
}

final class ColdHouse implements House
{
    private array $tons = [];

    public function find(string $name, ?Handle $handle = null): Handle
    {
        $handle = $handle ?? new CrateHandle($name);
        $handle->setHouse($this);

        return $handle;
    }

    public function weigh(string $name): int
    {
        return $this->tons[$name] ?? 0;
    }
}

final class OpenHouse implements House
{
    public function __construct(private int $each)
    {
    }

    public function find(string $name, ?Handle $handle = null): Handle
    {
        $handle = $handle ?? new BagHandle($name);
        $handle->setHouse($this);

        return $handle;
    }

    public function weigh(string $name): int
    {
        return $this->each * strlen($name);
    }
}
