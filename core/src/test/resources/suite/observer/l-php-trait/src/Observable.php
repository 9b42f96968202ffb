<?php
namespace Aldera\Support;

trait Observable
{
    /** @var Watcher[] */
    private array $watchers = [];

    public function watch(Watcher $watcher): void
    {
        $this->watchers[spl_object_id($watcher)] = $watcher;
    }

    public function unwatch(Watcher $watcher): void
    {
        unset($this->watchers[spl_object_id($watcher)]);
    }

    protected function changed(string $what): void
    {
        foreach ($this->watchers as $watcher) {
            $watcher->noticed($this, $what);
        }
    }
}
