<?php

class Log
{
    private array $lines = [];

    public function note(string $line): void
    {
        $this->lines[] = $line;
    }
}

class Gate
{
    private int $opened = 0;

    public function __construct(private ?Log $log = null) {}

    public function open(): void
    {
        $this->opened++;
        if ($this->log !== null) {
            $this->log->note('open');
        }
    }

    public function close(): void
    {
        $this->opened--;
        if ($this->log !== null) {
            $this->log->note('close');
        }
    }

    public function check(): bool
    {
        if ($this->log !== null) {
            $this->log->note('check');
        }

        return $this->opened > 0;
    }
}
