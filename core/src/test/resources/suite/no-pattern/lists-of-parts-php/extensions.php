<?php
namespace Aldera;

interface Signal
{
    public function show(): string;
}

final class Flag implements Signal
{
    public function show(): string { return 'flag'; }
}

final class Lamp implements Signal
{
    public function show(): string { return 'lamp'; }
}

interface Check
{
    public function holds(string $ship): bool;
}

final class LengthCheck implements Check
{
    public function holds(string $ship): bool { return strlen($ship) < 9; }
}

interface Outfit
{
    /** @return Signal[] */
    public function signals(): array;

    /** @return Check[] */
    public function checks(): array;
}

final class DayOutfit implements Outfit
{
    public function signals(): array { return [new Flag()]; }
    public function checks(): array { return [new LengthCheck()]; }
}

final class NightOutfit implements Outfit
{
    public function signals(): array { return [new Lamp(), new Lamp()]; }
    public function checks(): array { return []; }
}

final class Harbour
{
    private array $signals = [];
    private array $checks = [];

    public function equip(Outfit $outfit): void
    {
        array_push($this->signals, ...$outfit->signals());
        array_push($this->checks, ...$outfit->checks());
    }
}
