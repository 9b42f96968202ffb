<?php

namespace Manifest;

abstract class Entry
{
    abstract public function accept(Reader $reader);
}

class Crate extends Entry
{
    public $weight;

    public function __construct(float $weight)
    {
        $this->weight = $weight;
    }

    public function accept(Reader $reader)
    {
        return $reader->crate($this);
    }
}

class Barrel extends Entry
{
    public $litres;

    public function __construct(int $litres)
    {
        $this->litres = $litres;
    }

    public function accept(Reader $reader)
    {
        return $reader->barrel($this);
    }
}

class Hold extends Entry
{
    private $entries = [];

    public function put(Entry $entry)
    {
        $this->entries[] = $entry;
    }

    public function accept(Reader $reader)
    {
        return $reader->hold($this);
    }
}

interface Reader
{
    public function crate(Crate $crate);
    public function barrel(Barrel $barrel);
    public function hold(Hold $hold);
}

class WeightReader implements Reader
{
    private $total = 0;

    public function crate(Crate $crate)
    {
        $this->total += $crate->weight;
    }

    public function barrel(Barrel $barrel)
    {
        $this->total += $barrel->litres * 0.9;
    }

    public function hold(Hold $hold)
    {
        $this->total += 50;
    }

    public function total()
    {
        return $this->total;
    }
}
