<?php
namespace Aldera\Dues;

class Query
{
    private bool $distinct = false;
    private ?int $limit = null;
    private ?string $cache = 'short';
    private int $made = 0;

    public function distinct(): static
    {
        $this->distinct = true;
        return $this;
    }

    public function uncached(): ?string
    {
        $before = $this->cache;
        $this->cache = null;
        return $before;
    }

    public function isLimited(): bool
    {
        return $this->limit !== null;
    }
}

class Ledger
{
    private array $rows = [];

    public function enter(string $row): void
    {
        $this->rows[] = $row;
    }

    public function query(): Query
    {
        return new Query();
    }

    public function size(): int
    {
        return count($this->rows);
    }
}
