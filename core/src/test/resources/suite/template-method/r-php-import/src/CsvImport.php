<?php
namespace Data;

class CsvImport extends Import
{
    private array $stored = [];

    protected function rows(string $path): iterable
    {
        $file = fopen($path, 'r');
        while (($row = fgetcsv($file)) !== false) {
            yield $row;
        }
        fclose($file);
    }

    protected function store(array $row): void
    {
        $this->stored[] = $row;
    }
}

final class StrictCsvImport extends CsvImport
{
    protected function valid(array $row): bool
    {
        return count($row) === 3;
    }

    public function run(string $path): int
    {
        if (!is_readable($path)) {
            throw new \RuntimeException("cannot read $path");
        }
        return parent::run($path);
    }
}
