<?php
namespace Aldera\Stock;

abstract class Issue
{
    protected Stock $stock;

    public function __construct(Stock $stock)
    {
        $this->stock = $stock;
    }

    public function hand(string $name): object
    {
        return $this->stock->fetch($name);
    }
}

final class DailyIssue extends Issue
{
    public function number(): int { return 1; }
}

final class Counter
{
    public function open(bool $big): object
    {
        $issue = new DailyIssue($big ? new Warehouse() : new Shelf());
        return $issue->hand('rope');
    }
}
