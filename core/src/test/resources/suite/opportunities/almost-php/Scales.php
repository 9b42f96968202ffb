<?php

interface Scale
{
    public function weigh(): float;

    public function name(): string;
}

class FloorScale implements Scale
{
    public function weigh(): float
    {
        return 80.5;
    }

    public function name(): string
    {
        return 'floor';
    }
}

class LetterBalance
{
    private float $grams = 20;

    public function grams(): float
    {
        return $this->grams;
    }

    public function name(): string
    {
        return 'letters';
    }
}

class PostOffice
{
    /** @param Scale[] $scales */
    public function __construct(private array $scales)
    {
    }

    public function total(): float
    {
        $sum = 0;
        foreach ($this->scales as $scale) {
            $sum += $scale->weigh();
        }
        return $sum;
    }
}
