<?php
interface Vessel { public function load(): float; }
class Boat implements Vessel { public function __construct(private float $t) {} public function load(): float { return $this->t; } }
class Fleet implements Vessel, IteratorAggregate {
    /** @var Vessel[] */
    private array $vessels = [];
    public function add(Vessel $v): void { $this->vessels[] = $v; }
    public function getIterator(): Traversable { return new ArrayIterator($this->vessels); }
    public function load(): float { $sum = 0; foreach ($this as $v) { $sum += $v->load(); } return $sum; }
}
