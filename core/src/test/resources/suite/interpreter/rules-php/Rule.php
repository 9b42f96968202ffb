<?php
final class Ship
{
    public function __construct(public int $age, public string $flag)
    {
    }
}

interface Rule
{
    public function holds(Ship $ship): bool;
}

final class Older implements Rule
{
    public function __construct(private int $years)
    {
    }

    public function holds(Ship $ship): bool
    {
        return $ship->age > $this->years;
    }
}

final class Flies implements Rule
{
    public function __construct(private string $flag)
    {
    }

    public function holds(Ship $ship): bool
    {
        return $ship->flag === $this->flag;
    }
}

final class Both implements Rule
{
    public function __construct(private Rule $left, private Rule $right)
    {
    }

    public function holds(Ship $ship): bool
    {
        return $this->left->holds($ship) && $this->right->holds($ship);
    }
}

final class Lock
{
    public function admit(Rule $rule, Ship $ship): bool
    {
        return $rule->holds($ship);
    }
}
