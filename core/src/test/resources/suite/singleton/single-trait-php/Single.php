<?php

namespace Clock;

trait Single
{
    private static ?self $one = null;

    private function __construct()
    {
    }

    public static function one(): static
    {
        return self::$one ??= new static();
    }

    private function __clone()
    {
    }
}
