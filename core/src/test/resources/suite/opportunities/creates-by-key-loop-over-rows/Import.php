<?php

abstract class Load
{
    abstract public function toll(): int;
}

final class BulkLoad extends Load
{
    public function toll(): int
    {
        return 40;
    }
}

final class BoxLoad extends Load
{
    public function toll(): int
    {
        return 25;
    }
}

final class TollImport
{
    public function sum(array $rows): int
    {
        $sum = 0;
        foreach ($rows as $row) {
            $load = match ($row['type']) {
                'bulk' => new BulkLoad(),
                'box' => new BoxLoad(),
            };
            $sum += $load->toll();
        }
        return $sum;
    }
}

echo (new TollImport())->sum([['type' => 'bulk']]);
