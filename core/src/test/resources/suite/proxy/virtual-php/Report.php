<?php
interface Report
{
    public function lines(): array;
}

final class FullReport implements Report
{
    private array $lines;

    public function __construct()
    {
        $this->lines = range(1, 1000);
    }

    public function lines(): array
    {
        return $this->lines;
    }
}

final class LazyReport implements Report
{
    private ?FullReport $report = null;

    public function lines(): array
    {
        if ($this->report === null) {
            $this->report = new FullReport();
        }
        return $this->report->lines();
    }
}

final class Printer
{
    public function print(Report $report): int
    {
        return count($report->lines());
    }
}
