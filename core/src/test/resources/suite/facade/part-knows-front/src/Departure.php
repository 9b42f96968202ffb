<?php

namespace Aldera;

final class Departure
{
    private TugDesk $tugs;
    private GateDesk $gates;
    private Ledger $ledger;

    public function __construct()
    {
        $this->tugs = new TugDesk();
        $this->gates = new GateDesk();
        $this->ledger = new Ledger();
    }

    public function sail(string $ship): void
    {
        $this->ledger->close($ship);
        $this->gates->open();
        $this->tugs->send($ship, 2);
    }
}
