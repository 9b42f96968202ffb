<?php

namespace Radio;

interface Walk
{
    public function more(): bool;

    public function step(): string;
}

interface Songs
{
    public function walk(): Walk;
}

final class Playlist implements Songs
{
    private array $titles = [];

    public function add(string $title): void
    {
        $this->titles[] = $title;
    }

    public function walk(): Walk
    {
        return new PlaylistWalk($this->titles);
    }
}

final class PlaylistWalk implements Walk
{
    private int $at = 0;

    public function __construct(private array $titles)
    {
    }

    public function more(): bool
    {
        return $this->at < count($this->titles);
    }

    public function step(): string
    {
        return $this->titles[$this->at++];
    }
}

final class Host
{
    public function announce(Songs $songs): string
    {
        $text = '';
        for ($walk = $songs->walk(); $walk->more();) {
            $text .= $walk->step() . "\n";
        }
        return $text;
    }
}
