<?php

namespace Cinema;

class Projector
{
    private bool $on = false;
    public function light(): void { $this->on = true; }
    public function dark(): void { $this->on = false; }
}

class Screen
{
    private int $height = 0;
    public function lower(): void { $this->height = 1; }
}

class Sound
{
    private int $volume = 0;
    public function level(int $volume): void { $this->volume = $volume; }
}

class Evening
{
    private Projector $projector;
    private Screen $screen;
    private Sound $sound;

    public function __construct()
    {
        $this->projector = new Projector();
        $this->screen = new Screen();
        $this->sound = new Sound();
    }

    public function start(): void
    {
        $this->screen->lower();
        $this->sound->level(7);
        $this->projector->light();
    }

    public function end(): void
    {
        $this->projector->dark();
        $this->sound->level(0);
    }
}
