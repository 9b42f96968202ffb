<?php

namespace Radio;

trait Single
{
    private static ?self $it = null;

    public static function it(): static
    {
        return self::$it ??= new static();
    }

    private function __construct()
    {
    }

    private function __clone()
    {
    }
}
