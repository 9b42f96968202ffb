<?php

interface Sound
{
    public function play(): string;

    public function seconds(): int;
}

final class Bell implements Sound
{
    public function play(): string
    {
        return 'ding';
    }

    public function seconds(): int
    {
        return 1;
    }
}

abstract class SoundWrap implements Sound
{
    public function __construct(private readonly Sound $inner)
    {
    }

    public function play(): string
    {
        return $this->inner->play();
    }

    public function seconds(): int
    {
        return $this->inner->seconds();
    }

    protected function inner(): Sound
    {
        return $this->inner;
    }
}

final class Echoed extends SoundWrap
{
    public function play(): string
    {
        return parent::play() . '...' . strtolower(parent::play());
    }
}

final class Repeated extends SoundWrap
{
    public function __construct(Sound $inner, private int $times)
    {
        parent::__construct($inner);
    }

    public function play(): string
    {
        return implode(' ', array_fill(0, $this->times, $this->inner()->play()));
    }

    public function seconds(): int
    {
        return $this->times * $this->inner()->seconds();
    }
}

$sound = new Echoed(new Repeated(new Bell(), 3));
echo $sound->play(), $sound->seconds();
