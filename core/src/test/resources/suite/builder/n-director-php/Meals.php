<?php

namespace Diner;

interface MealBuilder
{
    public function main(): void;

    public function side(): void;

    public function drink(): void;

    public function meal(): Meal;
}

final class Meal
{
    private array $parts = [];

    public function add(string $part, int $cents): void
    {
        $this->parts[$part] = $cents;
    }

    public function price(): int
    {
        return array_sum($this->parts);
    }
}

final class LunchBuilder implements MealBuilder
{
    private Meal $meal;

    public function __construct()
    {
        $this->meal = new Meal();
    }

    public function main(): void
    {
        $this->meal->add('soup', 450);
    }

    public function side(): void
    {
        $this->meal->add('bread', 90);
    }

    public function drink(): void
    {
        $this->meal->add('water', 0);
    }

    public function meal(): Meal
    {
        return $this->meal;
    }
}

final class DinnerBuilder implements MealBuilder
{
    private Meal $meal;

    public function __construct()
    {
        $this->meal = new Meal();
    }

    public function main(): void
    {
        $this->meal->add('roast', 1850);
    }

    public function side(): void
    {
        $this->meal->add('potatoes', 350);
    }

    public function drink(): void
    {
        $this->meal->add('wine', 600);
    }

    public function meal(): Meal
    {
        return $this->meal;
    }
}

final class Cook
{
    public function prepare(MealBuilder $builder, bool $thirsty): Meal
    {
        $builder->main();
        $builder->side();
        if ($thirsty) {
            $builder->drink();
        }
        return $builder->meal();
    }
}
