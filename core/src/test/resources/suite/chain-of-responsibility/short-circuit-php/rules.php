<?php

abstract class Rule
{
    public function __construct(private ?Rule $next = null)
    {
    }

    public function permits(string $goods): bool
    {
        return $this->allows($goods) && ($this->next === null || $this->next->permits($goods));
    }

    abstract protected function allows(string $goods): bool;
}

class NoPowder extends Rule
{
    protected function allows(string $goods): bool
    {
        return $goods !== 'powder';
    }
}

class NoAcid extends Rule
{
    protected function allows(string $goods): bool
    {
        return !str_contains($goods, 'acid');
    }
}

echo (new NoPowder(new NoAcid()))->permits('tea') ? 'yes' : 'no';
