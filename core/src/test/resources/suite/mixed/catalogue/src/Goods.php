<?php

namespace Aldera\Provisions;

interface Goods
{
    public function accept(GoodsVisitor $visitor): void;
}

interface GoodsVisitor
{
    public function visitTin(Tin $tin): void;
    public function visitCrate(Crate $crate): void;
}

final class Tin implements Goods
{
    public function __construct(public readonly string $name, public readonly int $grams)
    {
    }

    public function accept(GoodsVisitor $visitor): void
    {
        $visitor->visitTin($this);
    }
}

final class Crate implements Goods
{
    /** @var Goods[] */
    private array $inside = [];

    public function put(Goods $goods): void
    {
        $this->inside[] = $goods;
    }

    public function accept(GoodsVisitor $visitor): void
    {
        $visitor->visitCrate($this);
        foreach ($this->inside as $goods) {
            $goods->accept($visitor);
        }
    }
}
