<?php

class Mailbox
{
    private array $out = [];
    private $socket;

    public function __construct(private string $host)
    {
        $this->socket = fsockopen($host, 25);
    }

    public function send(string $text): void
    {
        $this->out[] = $text;
        fwrite($this->socket, $text);
    }
}
