<?php

require 'Plants.php';

class Nursery
{
    /** @var array<string, Plant> */
    private array $models = [];

    public function show(string $name, Plant $plant): void
    {
        $this->models[$name] = $plant;
    }

    public function order(string $name): Plant
    {
        return $this->models[$name]->seedling();
    }
}
