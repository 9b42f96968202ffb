<?php
namespace Aldera\Charts;

interface ChartStore
{
    public function sheet(string $area): string;
    public function areas(): array;
}

final class ScannedCharts implements ChartStore
{
    private array $scans;

    public function __construct(string $folder)
    {
        $this->scans = glob($folder . '/*.png') ?: [];
    }

    public function sheet(string $area): string
    {
        return file_get_contents($this->scans[$area]);
    }

    public function areas(): array
    {
        return array_keys($this->scans);
    }
}

final class LazyCharts implements ChartStore
{
    private ?ScannedCharts $charts = null;

    public function __construct(private readonly string $folder) {}

    public function sheet(string $area): string
    {
        $this->charts = new ScannedCharts($this->folder);
        return $this->charts->sheet($area);
    }

    public function areas(): array
    {
        if ($this->charts === null) {
            $this->charts = new ScannedCharts($this->folder);
        }
        return $this->charts->areas();
    }
}

final class Bridge
{
    public function __construct(private ChartStore $charts) {}

    public function plot(): string
    {
        $areas = $this->charts->areas();
        return $this->charts->sheet($areas[0]);
    }
}

$bridge = new Bridge(new LazyCharts('/charts'));
