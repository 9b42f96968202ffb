<?php

interface Alarm
{
    public function ring(string $why): void;
    public function silence(): void;
}

class Bell implements Alarm
{
    private bool $ringing = false;

    public function ring(string $why): void
    {
        $this->ringing = true;
        error_log($why);
    }

    public function silence(): void
    {
        $this->ringing = false;
    }
}

class Quiet implements Alarm
{
    public function ring(string $why): void
    {
    }

    public function silence(): void
    {
    }
}

class EngineRoom
{
    private Alarm $alarm;

    public function __construct(?Alarm $alarm = null)
    {
        $this->alarm = $alarm ?? new Quiet();
    }

    public function overheat(): void
    {
        $this->alarm->ring('too hot');
    }

    public function cool(): void
    {
        $this->alarm->silence();
    }
}

class Bilge
{
    public function __construct(private ?Alarm $alarm)
    {
    }

    public function flood(): void
    {
        if ($this->alarm !== null) {
            $this->alarm->ring('water');
        }
    }
}
