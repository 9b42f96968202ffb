<?php
interface Signal
{
    public function show(): int;
}

class Lamp implements Signal
{
    public function show(): int
    {
        return 1;
    }
}

class Flag implements Signal
{
    public function show(): int
    {
        return 2;
    }
}

class Mast
{
    private array $shown = [];

    public function raise(string $order): void
    {
        $signal = match (true) {
            $order === 'night' => new Lamp(),
            str_starts_with($order, 'day') => new Flag(),
            default => throw new InvalidArgumentException($order),
        };
        $this->shown[] = $signal->show();
    }
}
