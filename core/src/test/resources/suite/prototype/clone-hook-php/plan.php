<?php

class Leg
{
    public function __construct(public string $port)
    {
    }
}

class Plan
{
    /** @var Leg[] */
    private array $legs = [];

    public function __construct(private string $ship)
    {
    }

    public function add(Leg $leg): void
    {
        $this->legs[] = $leg;
    }

    public function __clone()
    {
        $this->legs = array_map(fn (Leg $leg) => clone $leg, $this->legs);
    }
}

class Office
{
    public function __construct(private Plan $usual)
    {
    }

    public function today(string $port): Plan
    {
        $plan = clone $this->usual;
        $plan->add(new Leg($port));
        return $plan;
    }
}
