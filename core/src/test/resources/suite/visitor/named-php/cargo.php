<?php

interface CargoVisitor
{
    public function visitCrate(Crate $crate): void;
    public function visitDrum(Drum $drum): void;
}

abstract class Cargo
{
    public function accept(CargoVisitor $visitor): void
    {
        $method = 'visit' . (new \ReflectionClass($this))->getShortName();
        $visitor->$method($this);
    }
}

class Crate extends Cargo
{
    public int $kilos = 4;
}

class Drum extends Cargo
{
    public int $litres = 20;
}
