<?php

namespace Aldera\Wheelhouse;

class Measure
{
    public function room(int $metres): float
    {
        return $metres * 0.9;
    }
}

class Painter
{
    public function paint(string $what): string
    {
        return "painted $what";
    }
}

class Fitting
{
    private Measure $measure;
    private Painter $painter;

    public function __construct(private Yard $yard)
    {
        $this->measure = new Measure();
        $this->painter = new Painter();
    }

    public function fit(int $metres): array
    {
        $space = $this->measure->room($metres);
        $chair = $this->yard->chair();
        $table = $this->yard->table();

        return [$space, $this->painter->paint($chair->seat()), $this->painter->paint($table->top())];
    }
}
