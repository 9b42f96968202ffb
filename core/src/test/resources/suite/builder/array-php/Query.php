<?php

final class Query
{
    public function __construct(
        public readonly string $table,
        public readonly array $filters,
        public readonly int $limit,
    ) {
    }
}

final class QueryBuilder
{
    private string $table = '';
    private array $filters = [];
    private int $limit = 50;

    public function from(string $table): static
    {
        $this->table = $table;
        return $this;
    }

    public function where(string $field, string $value): static
    {
        $this->filters[$field] = $value;
        return $this;
    }

    public function limit(int $rows): static
    {
        $this->limit = $rows;
        return $this;
    }

    public function query(): Query
    {
        return new Query($this->table, $this->filters, $this->limit);
    }
}

function arrivals(): Query
{
    return (new QueryBuilder())->from('arrivals')->where('port', 'Aldera')->query();
}
