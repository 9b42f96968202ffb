<?php
declare(strict_types=1);

interface Forecast
{
    public function wind(string $place): int;
}

final class HttpForecast implements Forecast
{
    public function wind(string $place): int
    {
        return (int) file_get_contents("http://port.example/wind/$place");
    }
}

final class CachedForecast implements Forecast
{
    private array $known = [];

    public function __construct(private HttpForecast $forecast)
    {
    }

    public function wind(string $place): int
    {
        return $this->known[$place] ??= $this->forecast->wind($place);
    }
}

final class CraneDesk
{
    public function __construct(private Forecast $forecast)
    {
    }

    public function mayLift(): bool
    {
        return $this->forecast->wind('north') < 8;
    }
}

var_dump((new CraneDesk(new CachedForecast(new HttpForecast())))->mayLift());
