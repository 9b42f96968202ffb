<?php
namespace Aldera\Manifest;

final class Weigh implements LineVisitor
{
    private float $sum = 0.0;
    public function visitGoods(Goods $line): mixed { return $this->sum += $line->tons; }
    public function visitAnimal(Animal $line): mixed { return $this->sum += 0.3; }
}

final class HealthCheck implements LineVisitor
{
    /** @var string[] */
    private array $open = [];
    public function visitGoods(Goods $line): mixed { return true; }
    public function visitAnimal(Animal $line): mixed
    {
        if (!$line->checked) {
            $this->open[] = $line->kind;
        }
        return $line->checked;
    }
}

final class Manifest
{
    /** @param Line[] $lines */
    public function __construct(private array $lines) {}
    public function each(LineVisitor $visitor): void
    {
        foreach ($this->lines as $line) {
            $line->accept($visitor);
        }
    }
}
