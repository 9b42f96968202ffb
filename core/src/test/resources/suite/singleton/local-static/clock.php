<?php

final class Clock
{
    private int $offset = 0;

    private function __construct()
    {
    }

    private function __clone()
    {
    }

    public static function get(): self
    {
        static $clock = null;
        return $clock ??= new self();
    }

    public function shift(int $seconds): void
    {
        $this->offset += $seconds;
    }
}

class Bell
{
    public function daylight(): void
    {
        Clock::get()->shift(3600);
    }
}
