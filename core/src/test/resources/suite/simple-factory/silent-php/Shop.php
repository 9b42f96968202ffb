<?php

require 'Breads.php';

class Shop
{
    public function __construct(private Baker $baker)
    {
    }

    public function morning(): array
    {
        return [$this->baker->make('rye')->bake(40), $this->baker->make('spelt')->bake(35)];
    }

    public function special(): string
    {
        return (new Rye())->bake(60);
    }
}
