<?php

class Plan
{
    public string $berth = '';
    public int $lines = 0;
    public ?string $note = null;
    private array $history = [];

    public function log(string $text): void
    {
        $this->history[] = $text;
    }
}

class Office
{
    public function again(Plan $plan): Plan
    {
        $copy = new Plan();
        $copy->berth = $plan->berth;
        $copy->lines = $plan->lines;
        return $copy;
    }
}
