<?php
class Projector { public function on(): void { echo 'light'; } }
class Screen { public function lower(): void { echo 'down'; } }
class Sound { public function level(int $to): void { echo $to; } }

class Evening
{
    private $projector;
    private $screen;
    private $sound;

    public function __construct()
    {
        $this->projector = new Projector();
        $this->screen = new Screen();
        $this->sound = new Sound();
    }

    public function start(): void
    {
        $thing = $this->screen;
        $thing->lower();
        $thing = $this->projector;
        $thing->on();
        $thing = $this->sound;
        $thing->level(4);
    }
}

class Usher
{
    public function __construct(private Evening $evening) {}

    public function open(): void
    {
        $this->evening->start();
    }
}
