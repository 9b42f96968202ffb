<?php
namespace Aldera\Feeds;

final class Bundle
{
    private array $parts = [];

    public function add($part): void
    {
        $this->parts[] = $part->read(4) . ' of ' . $part->name();
    }
}

final class Desk
{
    public function fill(): Bundle
    {
        $bundle = new Bundle();
        $bundle->add(new Loud());
        $bundle->add(new Pipe());
        $bundle->add(new Tape());
        return $bundle;
    }
}
