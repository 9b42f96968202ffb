<?php

final class LogFile implements IteratorAggregate
{
    /** @var list<string> */
    private array $lines = [];

    public function write(string $line): void
    {
        $this->lines[] = date('H:i') . ' ' . $line;
    }

    public function getIterator(): Generator
    {
        foreach ($this->lines as $number => $line) {
            yield $number + 1 => $line;
        }
    }

    public function newestFirst(): Generator
    {
        for ($i = count($this->lines) - 1; $i >= 0; $i--) {
            yield $this->lines[$i];
        }
    }
}
