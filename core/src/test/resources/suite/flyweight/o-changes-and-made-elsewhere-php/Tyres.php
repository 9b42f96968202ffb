<?php

namespace Garage;

final class Tyre
{
    public int $pressure = 22;

    public function __construct(private string $make, private int $inches)
    {
    }

    public function label(): string
    {
        return $this->make . ' ' . $this->inches;
    }
}

final class TyreRack
{
    /** @var array<string, Tyre> */
    private array $tyres = [];

    public function get(string $make, int $inches): Tyre
    {
        $key = "$make/$inches";
        return $this->tyres[$key] ??= new Tyre($make, $inches);
    }
}

final class Mechanic
{
    public function __construct(private TyreRack $rack)
    {
    }

    public function mount(string $make): string
    {
        $tyre = $this->rack->get($make, 17);
        $tyre->pressure = 25;
        return $tyre->label();
    }

    public function spare(): Tyre
    {
        return new Tyre('spare', 14);
    }
}
