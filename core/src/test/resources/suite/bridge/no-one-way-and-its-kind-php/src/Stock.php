<?php
namespace Aldera\Stock;

interface Stock
{
    public function fetch(string $name): object;
    public function keep(string $name, object $thing): void;
}

class Shelf implements Stock
{
    protected array $things = [];

    public function fetch(string $name): object { return $this->things[$name]; }

    public function keep(string $name, object $thing): void { $this->things[$name] = $thing; }
}

class Warehouse extends Shelf
{
    private int $fetched = 0;

    public function fetch(string $name): object
    {
        $this->fetched++;
        return parent::fetch($name);
    }
}
