<?php

namespace Aldera\Tide;

class Siren implements \SplObserver
{
    private bool $on = false;

    public function update(\SplSubject $subject): void
    {
        $this->on = $subject->level() > 4;
    }
}

$gauge = new Gauge();
$gauge->attach(new Siren());
$gauge->rise(5);
