<?php
final class Band
{
    private int $tunes = 0;

    public function play(): void
    {
        $this->tunes++;
    }
}

final class Flags
{
    private bool $up = false;

    public function hoist(): void
    {
        $this->up = true;
    }
}

final class Welcome
{
    private Band $band;
    private Flags $flags;

    public function __construct()
    {
        $this->band = new Band();
        $this->flags = new Flags();
    }

    public function greet(): void
    {
        $this->flags->hoist();
        $this->band->play();
    }
}

final class Mayor
{
    public function day(Welcome $welcome): void
    {
        $welcome->greet();
    }
}
