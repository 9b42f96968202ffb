<?php

abstract class Plant
{
    /** @var Leaf[] */
    protected array $leaves = [];

    public function __construct(protected int $height)
    {
    }

    public function grow(Leaf $leaf): void
    {
        $this->leaves[] = $leaf;
        $this->height++;
    }

    public function seedling(): static
    {
        return clone $this;
    }

    public function __clone()
    {
        $this->leaves = array_map(fn (Leaf $leaf) => clone $leaf, $this->leaves);
    }
}

class Fern extends Plant
{
}

class Ivy extends Plant
{
    private string $wall = 'north';

    public function climb(string $wall): void
    {
        $this->wall = $wall;
    }
}

class Leaf
{
    public int $size = 1;
}
