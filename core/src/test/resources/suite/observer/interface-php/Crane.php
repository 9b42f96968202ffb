<?php

interface LoadWatcher
{
    public function loaded(string $what, int $tons): void;
}

trait Watched
{
    /** @var LoadWatcher[] */
    private array $watchers = [];

    public function watch(LoadWatcher $watcher): void
    {
        $this->watchers[spl_object_id($watcher)] = $watcher;
    }

    public function unwatch(LoadWatcher $watcher): void
    {
        unset($this->watchers[spl_object_id($watcher)]);
    }

    protected function tell(string $what, int $tons): void
    {
        foreach ($this->watchers as $watcher) {
            $watcher->loaded($what, $tons);
        }
    }
}

class Crane
{
    use Watched;

    private int $total = 0;

    public function lift(string $what, int $tons): void
    {
        $this->total += $tons;
        $this->tell($what, $tons);
    }
}

class Tally implements LoadWatcher
{
    public int $tons = 0;

    public function loaded(string $what, int $tons): void
    {
        $this->tons += $tons;
    }
}

$crane = new Crane();
$crane->watch(new Tally());
$crane->lift('grain', 4);
