<?php
namespace Data;

abstract class Import
{
    public function run(string $path): int
    {
        $count = 0;
        $this->before();
        foreach ($this->rows($path) as $row) {
            if ($this->valid($row)) {
                $this->store($row);
                $count++;
            }
        }
        return $count;
    }

    protected function before(): void
    {
    }

    protected function valid(array $row): bool
    {
        return $row !== [];
    }

    abstract protected function rows(string $path): iterable;

    abstract protected function store(array $row): void;
}
