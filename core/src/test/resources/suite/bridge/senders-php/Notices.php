<?php

namespace School;

interface Channel
{
    public function deliver(string $to, string $text): void;
}

final class Sms implements Channel
{
    private int $sent = 0;

    public function deliver(string $to, string $text): void
    {
        $this->sent += (int) ceil(strlen($text) / 160);
    }
}

final class Letter implements Channel
{
    private array $envelopes = [];

    public function deliver(string $to, string $text): void
    {
        $this->envelopes[$to] = $text;
    }
}

abstract class Notice
{
    public function __construct(protected Channel $channel)
    {
    }

    abstract public function send(string $pupil): void;
}

final class Absence extends Notice
{
    public function send(string $pupil): void
    {
        $this->channel->deliver("parents of $pupil", "$pupil was not here today");
    }
}

final class Outing extends Notice
{
    public function send(string $pupil): void
    {
        $this->channel->deliver($pupil, 'bring boots');
        $this->channel->deliver("parents of $pupil", 'an outing tomorrow');
    }
}
