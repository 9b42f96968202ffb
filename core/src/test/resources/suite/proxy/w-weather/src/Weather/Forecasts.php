<?php

declare(strict_types=1);

namespace App\Weather;

interface Forecasts
{
    /** @return Forecast[] */
    public function forTown(string $town): array;
}
