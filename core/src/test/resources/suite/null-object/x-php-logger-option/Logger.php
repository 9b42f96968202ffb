<?php

interface Logger
{
    public function info(string $line): void;
    public function count(): int;
}

class FileLogger implements Logger
{
    private int $lines = 0;

    public function __construct(private string $path) {}

    public function info(string $line): void
    {
        file_put_contents($this->path, $line . PHP_EOL, FILE_APPEND);
        $this->lines++;
    }

    public function count(): int
    {
        return $this->lines;
    }
}

class SilentLogger implements Logger
{
    public function info(string $line): void
    {
        // nobody listens
    }

    public function count(): int
    {
        return 0;
    }
}
