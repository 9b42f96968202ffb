<?php
final class Order
{
    public function __construct(private array $lines)
    {
    }

    public function line(string $name): ?string
    {
        return $this->lines[$name] ?? null;
    }
}

class OrderBuilder
{
    private array $lines = [];

    public function ship(string $name): static
    {
        return $this->with('ship', $name);
    }

    public function quay(string $name): static
    {
        return $this->with('quay', $name);
    }

    public function build(): Order
    {
        return new Order($this->lines);
    }

    private function with(string $key, string $value): static
    {
        $this->lines[$key] = $value;
        return $this;
    }
}

class Desk
{
    public function order(string $ship): Order
    {
        return (new OrderBuilder())->ship($ship)->quay('North')->build();
    }
}
