<?php

interface Charts
{
    public function sheet(string $area): string;
}

final class PaperCharts implements Charts
{
    private int $opened = 0;

    public function sheet(string $area): string
    {
        return "sheet of $area no " . ++$this->opened;
    }
}

final class RememberedCharts implements Charts
{
    private array $known = [];

    public function __construct(private Charts $charts)
    {
    }

    public function sheet(string $area): string
    {
        return $this->known[$area] ??= $this->charts->sheet($area);
    }
}

final class Bridge
{
    public function __construct(private Charts $charts)
    {
    }

    public function plot(): string
    {
        return $this->charts->sheet('west') . $this->charts->sheet('west');
    }
}

echo (new Bridge(new RememberedCharts(new PaperCharts())))->plot();
