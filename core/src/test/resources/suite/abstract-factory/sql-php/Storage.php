<?php

declare(strict_types=1);

namespace Archive;

interface Reader
{
    public function read(string $key): ?string;
}

interface Writer
{
    public function write(string $key, string $value): void;
}

interface Storage
{
    public function reader(): Reader;

    public function writer(): Writer;
}

final class FileReader implements Reader
{
    public function __construct(private string $dir)
    {
    }

    public function read(string $key): ?string
    {
        $path = "$this->dir/$key";
        return is_file($path) ? file_get_contents($path) : null;
    }
}

final class FileWriter implements Writer
{
    public function __construct(private string $dir)
    {
    }

    public function write(string $key, string $value): void
    {
        file_put_contents("$this->dir/$key", $value);
    }
}

final class Files implements Storage
{
    public function __construct(private string $dir)
    {
    }

    public function reader(): Reader
    {
        return new FileReader($this->dir);
    }

    public function writer(): Writer
    {
        return new FileWriter($this->dir);
    }
}

final class Memory implements Storage
{
    private \ArrayObject $cells;

    public function __construct()
    {
        $this->cells = new \ArrayObject();
    }

    public function reader(): Reader
    {
        return new MemoryReader($this->cells);
    }

    public function writer(): Writer
    {
        return new MemoryWriter($this->cells);
    }
}

final class MemoryReader implements Reader
{
    public function __construct(private \ArrayObject $cells)
    {
    }

    public function read(string $key): ?string
    {
        return $this->cells[$key] ?? null;
    }
}

final class MemoryWriter implements Writer
{
    public function __construct(private \ArrayObject $cells)
    {
    }

    public function write(string $key, string $value): void
    {
        $this->cells[$key] = $value;
    }
}
