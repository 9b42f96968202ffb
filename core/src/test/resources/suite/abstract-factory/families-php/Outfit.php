<?php
interface Hat
{
    public function warmth(): int;
}

interface Shoe
{
    public function grip(): int;
}

final class FurHat implements Hat
{
    public function warmth(): int
    {
        return 9;
    }
}

final class StrawHat implements Hat
{
    public function warmth(): int
    {
        return 1;
    }
}

final class Boot implements Shoe
{
    public function grip(): int
    {
        return 8;
    }
}

final class Sandal implements Shoe
{
    public function grip(): int
    {
        return 2;
    }
}

interface Outfit
{
    public function hat(): Hat;

    public function shoe(): Shoe;
}

final class WinterOutfit implements Outfit
{
    public function hat(): Hat
    {
        return new FurHat();
    }

    public function shoe(): Shoe
    {
        return new Boot();
    }
}

final class SummerOutfit implements Outfit
{
    public function hat(): Hat
    {
        return new StrawHat();
    }

    public function shoe(): Shoe
    {
        return new Sandal();
    }
}

final class Sailor
{
    public function __construct(private Outfit $outfit)
    {
    }

    public function dress(): int
    {
        return $this->outfit->hat()->warmth() + $this->outfit->shoe()->grip();
    }
}
