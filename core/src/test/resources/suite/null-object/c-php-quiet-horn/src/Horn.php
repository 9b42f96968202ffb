<?php
declare(strict_types=1);

namespace Aldera\Fog;

interface Horn
{
    public function blast(int $seconds): void;

    public function count(): int;
}

final class SteamHorn implements Horn
{
    private int $blasts = 0;

    public function __construct(private Boiler $boiler)
    {
    }

    public function blast(int $seconds): void
    {
        $this->boiler->release($seconds * 4);
        $this->blasts++;
    }

    public function count(): int
    {
        return $this->blasts;
    }
}

final class SilentHorn implements Horn
{
    public function blast(int $seconds): void
    {
    }

    public function count(): int
    {
        return 0;
    }
}

final class Boiler
{
    private int $pressure = 100;

    public function release(int $amount): void
    {
        $this->pressure = max(0, $this->pressure - $amount);
    }
}
