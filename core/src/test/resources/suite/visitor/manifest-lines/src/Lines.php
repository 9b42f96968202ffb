<?php
declare(strict_types=1);
namespace Aldera\Manifest;

interface Line { public function accept(LineVisitor $visitor): mixed; }

interface LineVisitor
{
    public function visitGoods(Goods $line): mixed;
    public function visitAnimal(Animal $line): mixed;
}

final class Goods implements Line
{
    public function __construct(public readonly string $name, public readonly float $tons) {}
    public function accept(LineVisitor $visitor): mixed { return $visitor->visitGoods($this); }
}

final class Animal implements Line
{
    public function __construct(public readonly string $kind, public readonly bool $checked) {}
    public function accept(LineVisitor $visitor): mixed { return $visitor->visitAnimal($this); }
}
