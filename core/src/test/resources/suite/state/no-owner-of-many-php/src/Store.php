<?php
namespace Aldera\Stores;

interface Store
{
    public function name(): string;
    public function add(Crate $crate): void;
}

class Shed implements Store
{
    /** @var Crate[] */
    protected array $crates = [];

    public function name(): string { return 'shed ' . count($this->crates); }

    public function add(Crate $crate): void
    {
        $crate->moveTo($this);
        $this->crates[] = $crate;
    }
}

final class ColdStore extends Shed
{
    public function name(): string { return 'cold store at ' . count($this->crates); }
}
