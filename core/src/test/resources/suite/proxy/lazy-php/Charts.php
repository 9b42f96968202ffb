<?php

interface Chart
{
    public function depthAt(int $x, int $y): float;
}

final class ScannedChart implements Chart
{
    private array $grid;

    public function __construct(string $file)
    {
        $this->grid = json_decode(file_get_contents($file), true);
    }

    public function depthAt(int $x, int $y): float
    {
        return $this->grid[$y][$x];
    }
}

final class LazyChart implements Chart
{
    private ?ScannedChart $chart = null;

    public function __construct(private string $file)
    {
    }

    public function depthAt(int $x, int $y): float
    {
        $this->chart ??= new ScannedChart($this->file);
        return $this->chart->depthAt($x, $y);
    }
}

function safe(Chart $chart): bool
{
    return $chart->depthAt(1, 2) > 4;
}

safe(new LazyChart('bay.json'));
