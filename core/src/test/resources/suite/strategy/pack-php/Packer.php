<?php
interface Packing
{
    public function boxes(int $items): int;
}

final class Loose implements Packing
{
    public function boxes(int $items): int
    {
        return intdiv($items, 5) + 1;
    }
}

final class Tight implements Packing
{
    public function boxes(int $items): int
    {
        return intdiv($items, 12) + 1;
    }
}

final class Packer
{
    public function __construct(private Packing $packing)
    {
    }

    public function pack(int $items): int
    {
        return $this->packing->boxes($items) * 2;
    }
}

function warehouse(): int
{
    return (new Packer(new Loose()))->pack(9) + (new Packer(new Tight()))->pack(9);
}
