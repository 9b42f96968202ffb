<?php

final class BuoyRegister
{
    private array $buoys = [];

    public function add(Buoy $buoy): void
    {
        $this->buoys[] = $buoy;
    }

    public function count(): int
    {
        return count($this->buoys);
    }
}

final class Buoy
{
    private array $log;

    public function __construct(private string $name, BuoyRegister $register)
    {
        $this->log = file('/var/aldera/' . $name . '.log');
        $register->add($this);
    }

    public function lastLine(): string
    {
        return end($this->log);
    }
}

$register = new BuoyRegister();
echo (new Buoy('north', $register))->lastLine(), $register->count();
