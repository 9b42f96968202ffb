<?php
abstract class Report
{
    public function lines(array $ships): array
    {
        $kept = array_filter($ships, [$this, 'wanted']);
        return array_map([$this, 'line'], $kept);
    }

    abstract protected function wanted(string $ship): bool;

    abstract protected function line(string $ship): string;
}

class TugReport extends Report
{
    protected function wanted(string $ship): bool
    {
        return str_starts_with($ship, 'T');
    }

    protected function line(string $ship): string
    {
        return "tug $ship";
    }
}

class FerryReport extends Report
{
    protected function wanted(string $ship): bool
    {
        return str_starts_with($ship, 'F');
    }

    protected function line(string $ship): string
    {
        return "ferry $ship";
    }
}
