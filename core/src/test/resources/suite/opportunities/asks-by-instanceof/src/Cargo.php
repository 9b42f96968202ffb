<?php

namespace Aldera;

abstract class Cargo
{
    public function __construct(protected int $tons)
    {
    }

    public function tons(): int
    {
        return $this->tons;
    }
}

final class Coal extends Cargo
{
}

final class Oil extends Cargo
{
    public function flashpoint(): int
    {
        return 60;
    }
}

final class Fruit extends Cargo
{
    public function degrees(): int
    {
        return 4;
    }
}
