<?php
namespace Aldera;

final class HarbourClock
{
    private static ?self $instance = null;
    private int $offset = 0;

    private function __construct() {}
    private function __clone() {}
    public function __wakeup() { throw new \LogicException('one clock only'); }

    public static function get(): self
    {
        return self::$instance ??= new self();
    }

    public function shift(int $seconds): void { $this->offset += $seconds; }
    public function now(): int { return time() + $this->offset; }
}

class Watch
{
    public function start(): int { return HarbourClock::get()->now(); }
}
class Signalman
{
    public function noon(): void { HarbourClock::get()->shift(-2); }
}
