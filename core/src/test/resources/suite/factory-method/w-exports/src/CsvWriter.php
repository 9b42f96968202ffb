<?php

namespace Reports;

class CsvWriter implements Writer
{
    private $handle;

    public function __construct(string $file)
    {
        $this->handle = fopen($file, 'w');
    }

    public function head(string $title): void
    {
        fputcsv($this->handle, [$title]);
    }

    public function row(array $cells): void
    {
        fputcsv($this->handle, $cells);
    }

    public function close(): void
    {
        fclose($this->handle);
    }
}
