<?php

final class Position
{
    private function __construct(private float $latitude, private float $longitude)
    {
    }

    public static function ofDegrees(float $latitude, float $longitude): self
    {
        return new self($latitude, $longitude);
    }

    public static function fromText(string $text): self
    {
        [$latitude, $longitude] = array_map('floatval', explode(';', $text));
        return new self($latitude, $longitude);
    }

    public function text(): string
    {
        return "{$this->latitude};{$this->longitude}";
    }
}

final class Plotter
{
    public function plot(string $text): string
    {
        return Position::fromText($text)->text();
    }
}

echo (new Plotter())->plot('43.1;8.4'), Position::ofDegrees(1.0, 2.0)->text();
