<?php

declare(strict_types=1);

namespace App\Weather;

final class HttpForecasts implements Forecasts
{
    public function __construct(private readonly string $address)
    {
    }

    public function forTown(string $town): array
    {
        $rows = json_decode(file_get_contents($this->address . '?q=' . urlencode($town)), true);
        return array_map(
            fn (array $row) => new Forecast(new \DateTimeImmutable($row['day']), $row['t'], Sky::from($row['sky'])),
            $rows,
        );
    }
}
