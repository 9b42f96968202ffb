<?php

final class Registry
{
    private static Registry $only;
    private array $ships = [];

    private function __construct()
    {
    }

    private function __clone()
    {
    }

    public static function boot(): void
    {
        self::$only = new self();
    }

    public static function get(): self
    {
        return self::$only;
    }

    public function enter(string $name, int $length): void
    {
        $this->ships[$name] = $length;
    }
}

Registry::boot();
Registry::get()->enter('Aurora', 90);
