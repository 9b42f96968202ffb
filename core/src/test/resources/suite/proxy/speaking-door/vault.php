<?php

interface Vault
{
    public function open(string $who): string;
}

class StrongRoom implements Vault
{
    public function open(string $who): string
    {
        return "strong room: open";
    }
}

class Guard implements Vault
{
    private $room;

    public function __construct(StrongRoom $room)
    {
        $this->room = $room;
    }

    public function open(string $who): string
    {
        if (!$this->may($who)) {
            return "guard: no";
        }
        return $this->room->open($who);
    }

    private function may(string $who): bool
    {
        return $who === 'Paz';
    }
}

echo (new Guard(new StrongRoom()))->open('Paz');
echo (new StrongRoom())->open('Ana');
