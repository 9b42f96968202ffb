<?php

abstract class Area
{
    public function __construct(protected string $name)
    {
    }

    abstract public function surface(): float;

    public function add(Area $area): void
    {
        throw new LogicException($this->name . ' has no parts');
    }
}

class Basin extends Area
{
    public function __construct(string $name, private float $metres)
    {
        parent::__construct($name);
    }

    public function surface(): float
    {
        return $this->metres;
    }
}

class Harbour extends Area
{
    /** @var Area[] */
    private array $areas = [];

    public function add(Area $area): void
    {
        $this->areas[] = $area;
    }

    public function surface(): float
    {
        return array_sum(array_map(fn (Area $area) => $area->surface(), $this->areas));
    }
}

$port = new Harbour('Aldera');
$port->add(new Basin('north', 400));
echo $port->surface();
