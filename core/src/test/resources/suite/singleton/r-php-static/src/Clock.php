<?php
namespace Core;

class Clock
{
    private static ?self $instance = null;
    private int $offset = 0;

    protected function __construct()
    {
    }

    public static function instance(): static
    {
        return static::$instance ??= new static();
    }

    public function now(): int
    {
        return time() + $this->offset;
    }

    public function shift(int $seconds): void
    {
        $this->offset += $seconds;
    }

    public static function fresh(): self
    {
        return new self();
    }
}
