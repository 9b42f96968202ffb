<?php

class Bike
{
    public function __construct(private string $kind)
    {
    }

    public function deposit(): int
    {
        switch ($this->kind) {
            case 'city':
                return 50;
            case 'cargo':
                return 150;
            default:
                return 80;
        }
    }

    public function speed(): int
    {
        if ($this->kind === 'city') {
            return 18;
        } elseif ($this->kind === 'cargo') {
            return 14;
        }
        return 22;
    }

    public function label(): string
    {
        return match ($this->kind) {
            'city' => 'City bike',
            'cargo' => 'Cargo bike',
            default => 'Bike',
        };
    }
}
