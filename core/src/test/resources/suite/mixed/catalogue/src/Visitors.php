<?php

namespace Aldera\Provisions;

final class Weighing implements GoodsVisitor
{
    private int $grams = 0;

    public function visitTin(Tin $tin): void
    {
        $this->grams += $tin->grams;
    }

    public function visitCrate(Crate $crate): void
    {
        $this->grams += 1500;
    }

    public function grams(): int
    {
        return $this->grams;
    }
}

final class Listing implements GoodsVisitor
{
    private array $lines = [];

    public function visitTin(Tin $tin): void
    {
        $this->lines[] = $tin->name;
    }

    public function visitCrate(Crate $crate): void
    {
        $this->lines[] = 'crate';
    }

    public function text(): string
    {
        return implode("\n", $this->lines);
    }
}

final class Steward
{
    public function weigh(Goods $goods): int
    {
        $weighing = new Weighing();
        $goods->accept($weighing);
        return $weighing->grams();
    }
}
