<?php

declare(strict_types=1);

namespace App\Weather;

final class RememberedForecasts implements Forecasts
{
    private ?HttpForecasts $inner = null;

    /** @var array<string, Forecast[]> */
    private array $known = [];

    public function __construct(private readonly string $address)
    {
    }

    public function forTown(string $town): array
    {
        return $this->known[$town] ??= $this->inner()->forTown($town);
    }

    private function inner(): HttpForecasts
    {
        return $this->inner ??= new HttpForecasts($this->address);
    }
}
