<?php
namespace Aldera;

interface Alarm
{
    public function raise(int $level): void;
    public function isOn(): bool;
    public function lastLevel(): int;
}

class FogHorn
{
    private int $blasts = 0;
    private bool $on = false;

    public function blow(int $seconds): void
    {
        $this->on = $seconds > 0;
        $this->blasts++;
    }

    public function sounding(): bool
    {
        return $this->on;
    }
}

final class HornAlarm implements Alarm
{
    public function __construct(private readonly FogHorn $horn) {}

    public function raise(int $level): void
    {
        $this->horn->blow($level * 3);
    }

    public function isOn(): bool
    {
        return $this->horn->sounding();
    }

    public function lastLevel(): int
    {
        return 0;
    }
}

final class Watch
{
    public function __construct(private Alarm $alarm) {}

    public function fog(): string
    {
        $this->alarm->raise(2);
        return $this->alarm->isOn() ? 'level ' . $this->alarm->lastLevel() : 'quiet';
    }
}

echo (new Watch(new HornAlarm(new FogHorn())))->fog();
