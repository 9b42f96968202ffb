<?php

namespace Aldera;

final class Registry
{
    private static ?self $instance = null;
    private array $ships = [];

    private function __construct()
    {
    }

    private function __clone()
    {
    }

    public static function instance(): self
    {
        return self::$instance ??= new self();
    }

    public function add(string $ship): void
    {
        $this->ships[] = $ship;
    }
}
