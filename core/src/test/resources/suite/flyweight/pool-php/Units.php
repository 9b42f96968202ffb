<?php
final class Unit
{
    public function __construct(private string $sign)
    {
    }

    public function sign(): string
    {
        return $this->sign;
    }
}

final class Units
{
    /** @var array<string, Unit> */
    private array $units = [];

    public function unit(string $sign): Unit
    {
        if (!isset($this->units[$sign])) {
            $this->units[$sign] = new Unit($sign);
        }
        return $this->units[$sign];
    }
}

final class Ruler
{
    public function mark(Units $units): string
    {
        return $units->unit('m')->sign();
    }
}
