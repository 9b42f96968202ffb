<?php
declare(strict_types=1);

namespace Registry;

final class ShipRegistry
{
    private array $ships = [];

    public function add(string $name, int $tonnes): void
    {
        $this->ships[$name] = $tonnes;
    }

    public function tonnes(string $name): int
    {
        return $this->ships[$name] ?? 0;
    }
}

final class GuardedRegistry
{
    public function __construct(private ShipRegistry $registry, private bool $mayWrite)
    {
    }

    public function __call(string $name, array $arguments): mixed
    {
        if ($name === 'add' && !$this->mayWrite) {
            throw new \RuntimeException('reading only');
        }
        return $this->registry->$name(...$arguments);
    }
}
