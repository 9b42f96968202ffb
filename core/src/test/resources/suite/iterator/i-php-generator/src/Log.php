<?php
namespace Aldera;

/** @implements \IteratorAggregate<int, string> */
final class Log implements \IteratorAggregate, \Countable
{
    /** @var string[] */
    private array $lines = [];

    public function write(string $line): void
    {
        $this->lines[] = $line;
    }

    public function getIterator(): \Generator
    {
        foreach (array_reverse($this->lines) as $number => $line) {
            yield $number => $line;
        }
    }

    public function count(): int
    {
        return count($this->lines);
    }

    public function lines(): array
    {
        return $this->lines;
    }
}
