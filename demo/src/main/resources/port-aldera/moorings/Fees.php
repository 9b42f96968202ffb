<?php

namespace Aldera\Fees;

interface Fee
{
    public function of(float $metres): float;
}

class FlatFee implements Fee
{
    public function __construct(private int $euros)
    {
    }

    public function of(float $metres): float
    {
        return $this->euros;
    }
}

class LengthFee implements Fee
{
    public function __construct(private int $perMetre)
    {
    }

    public function of(float $metres): float
    {
        return $this->perMetre * $metres;
    }
}

final class FeeTable
{
    private static ?FeeTable $table = null;
    private array $fees = [];

    private function __construct()
    {
    }

    private function __clone()
    {
    }

    public static function table(): self
    {
        return self::$table ??= new self();
    }

    public function add(string $name, Fee $fee): void
    {
        $this->fees[$name] = $fee;
    }

    public function __call(string $name, array $arguments)
    {
        return $this->fees[$name]->of(...$arguments);
    }
}
