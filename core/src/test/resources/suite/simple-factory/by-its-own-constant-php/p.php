<?php
enum Freight: string { case Bulk = 'bulk'; case Box = 'box';
    public function toll(): Toll { return match ($this) { self::Bulk => new PerTon(1.2), self::Box => new Fixed(4.0) }; } }
interface Toll { public function of(float $tons): float; }
class Fixed implements Toll { public function __construct(private float $p) {} public function of(float $tons): float { return $this->p; } }
class PerTon implements Toll { public function __construct(private float $p) {} public function of(float $tons): float { return $this->p * $tons; } }
echo Freight::from('bulk')->toll()->of(3), Freight::tryFrom('box')?->toll()->of(1);
