<?php
namespace Port;
interface Tariff { public function fee(int $tons): int; }
final class ByWeight implements Tariff { public function fee(int $tons): int { return $tons * 3; } }
final class Flat implements Tariff { public function fee(int $tons): int { return 100; } }
final class Cashier
{
    /** @var array<string, Tariff> */
    private array $tariffs = [];
    public function with(string $kind, Tariff $tariff): self { $this->tariffs[$kind] = $tariff; return $this; }
    public function bill(string $kind, int $tons): int
    {
        if (!isset($this->tariffs[$kind])) {
            throw new \InvalidArgumentException($kind);
        }
        return $this->tariffs[$kind]->fee($tons);
    }
}
