<?php

declare(strict_types=1);

namespace App\Weather;

final class Forecast
{
    public function __construct(
        public readonly \DateTimeImmutable $day,
        public readonly float $degrees,
        public readonly Sky $sky = Sky::Clear,
    ) {
    }
}
