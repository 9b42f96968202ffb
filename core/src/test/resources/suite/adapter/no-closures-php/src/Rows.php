<?php
namespace Aldera\Lists;

final class Rows
{
    private array $rows;

    public function __construct(array $rows)
    {
        $this->rows = $rows;
    }

    public function map($step): Rows
    {
        $all = [];
        foreach ($this->rows as $row) {
            $all[] = $step($row);
        }
        return new Rows($all);
    }

    public function first(): string
    {
        return $this->rows[0];
    }
}

final class Shout
{
    private int $said = 0;

    public function __invoke(string $row): string
    {
        $this->said++;
        return strtoupper($row) . $this->said;
    }
}
