<?php
namespace Aldera\Office;

final class Clearance
{
    private Desk $desk;

    public function __construct(Desk $desk)
    {
        $this->desk = $desk;
    }

    public function clear(string $ship): bool
    {
        if (!$this->desk->confirm('Clear ' . $ship . '?')) {
            return false;
        }
        $reason = $this->desk->ask('Why?');
        return $reason !== '';
    }
}

final class Morning
{
    public function open(bool $busy): bool
    {
        $clearance = new Clearance($busy ? new Counter() : new Window());
        return $clearance->clear('Marea');
    }
}
