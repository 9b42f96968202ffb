<?php

namespace Aldera\Fog;

class FogMeter
{
    /** @var array<string, FogWatcher> */
    private array $watchers = [];
    private int $metres = 2000;

    public function join(FogWatcher $watcher): void
    {
        $this->watchers[spl_object_hash($watcher)] = $watcher;
    }

    public function leave(FogWatcher $watcher): void
    {
        unset($this->watchers[spl_object_hash($watcher)]);
    }

    public function measured(int $metres): void
    {
        $this->metres = $metres;
        $this->tell();
    }

    private function tell(): void
    {
        foreach ($this->watchers as $watcher) {
            $watcher->sight($this->metres);
        }
    }
}

interface FogWatcher
{
    public function sight(int $metres): void;
}

class FogHorn implements FogWatcher
{
    private bool $on = false;

    public function sight(int $metres): void
    {
        $this->on = $metres < 500;
    }
}

class Radar implements FogWatcher
{
    public array $trace = [];

    public function sight(int $metres): void
    {
        $this->trace[] = $metres;
    }
}
