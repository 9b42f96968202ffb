<?php

class Weigher implements CargoVisitor
{
    public int $total = 0;

    public function visitCrate(Crate $crate): void
    {
        $this->total += $crate->kilos;
    }

    public function visitDrum(Drum $drum): void
    {
        $this->total += $drum->litres;
    }
}

$weigher = new Weigher();
foreach ([new Crate(), new Drum()] as $cargo) {
    $cargo->accept($weigher);
}
