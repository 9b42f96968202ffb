<?php

namespace Aldera\Import;

abstract class Importer
{
    /** @var string[] */
    private array $errors = [];

    public function import(string $path): int
    {
        $reader = $this->openReader($path);
        $count = 0;
        foreach ($reader->rows() as $row) {
            if (!$this->accepts($row)) {
                $this->errors[] = implode(',', $row);
                continue;
            }
            $count++;
        }
        return $count;
    }

    public function errors(): array
    {
        return $this->errors;
    }

    abstract protected function openReader(string $path): RowReader;

    protected function accepts(array $row): bool
    {
        return $row !== [];
    }
}

interface RowReader
{
    public function rows(): iterable;
}

final class CsvReader implements RowReader
{
    public function __construct(private string $path)
    {
    }

    public function rows(): iterable
    {
        foreach (file($this->path) as $line) {
            yield str_getcsv($line);
        }
    }
}

final class JsonReader implements RowReader
{
    public function __construct(private string $path)
    {
    }

    public function rows(): iterable
    {
        return json_decode(file_get_contents($this->path), true);
    }
}

class ShipImporter extends Importer
{
    protected function openReader(string $path): CsvReader
    {
        return new CsvReader($path);
    }

    protected function accepts(array $row): bool
    {
        return count($row) === 4;
    }
}

class DuesImporter extends Importer
{
    protected function openReader(string $path): RowReader
    {
        return new JsonReader($path);
    }
}
