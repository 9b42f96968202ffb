<?php
namespace Aldera\Bells;
interface Striker { public function strike(int $times): string; }
class Hammer implements Striker { public function strike(int $times): string { return str_repeat('dong', $times); } }
class Piezo implements Striker { private int $volt = 5; public function strike(int $times): string { return str_repeat('bip', $times * $this->volt); } }
abstract class Bell {
    public function __construct(protected Striker $striker) {}
    public function hour(int $hour): string { return $this->striker->strike($hour); }
}
class ShipBell extends Bell {
    private Hammer $spare;
    public function __construct(Striker $striker) { parent::__construct($striker); $this->spare = new Hammer(); }
    public function hour(int $hour): string { return $this->striker->strike($hour % 4) . $this->spare->strike(1); }
}
class TowerBell extends Bell {}
class Sexton {
    public function noon(): string { return (new ShipBell(new Piezo()))->hour(12) . (new TowerBell(new Hammer()))->hour(12); }
}
