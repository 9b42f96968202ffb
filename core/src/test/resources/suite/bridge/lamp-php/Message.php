<?php
interface Channel
{
    public function carry(string $text): void;
}

final class Wire implements Channel
{
    private int $words = 0;

    public function carry(string $text): void
    {
        $this->words += strlen($text);
    }
}

final class Post implements Channel
{
    private array $letters = [];

    public function carry(string $text): void
    {
        $this->letters[] = $text;
    }
}

abstract class Message
{
    public function __construct(protected Channel $channel)
    {
    }

    abstract public function send(): void;
}

final class Alarm extends Message
{
    public function send(): void
    {
        $this->channel->carry('fire');
    }
}

final class Notice extends Message
{
    public function send(): void
    {
        $this->channel->carry('closed');
    }
}

final class Harbour
{
    public function morning(): void
    {
        (new Alarm(new Wire()))->send();
        (new Notice(new Post()))->send();
    }
}
