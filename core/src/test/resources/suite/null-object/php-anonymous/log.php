<?php

interface Log
{
    public function write(string $line): void;

    public function size(): int;
}

final class FileLog implements Log
{
    private array $lines = [];

    public function write(string $line): void
    {
        $this->lines[] = $line;
    }

    public function size(): int
    {
        return count($this->lines);
    }
}

final class Gate
{
    private Log $log;

    public function __construct(?Log $log = null)
    {
        $this->log = $log ?? new class implements Log {
            public function write(string $line): void
            {
            }

            public function size(): int
            {
                return 0;
            }
        };
    }

    public function open(string $ship): int
    {
        $this->log->write("$ship in");

        return $this->log->size();
    }
}

echo (new Gate())->open('Rosa') + (new Gate(new FileLog()))->open('Marta');
