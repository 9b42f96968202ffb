<?php
namespace Aldera\Feeds;

interface Feed
{
    public function read(int $length): string;
    public function tell(): int;
}

final class Pipe implements Feed
{
    private string $text;
    private int $at = 0;

    public function __construct(string $text)
    {
        $this->text = $text;
    }

    public function read(int $length): string
    {
        $part = substr($this->text, $this->at, $length);
        $this->at += strlen($part);
        return $part;
    }

    public function tell(): int { return $this->at; }
}

final class Tape implements Feed
{
    private int $at = 0;

    public function read(int $length): string
    {
        $this->at += $length;
        return str_repeat('.', $length);
    }

    public function tell(): int { return $this->at; }
}

final class Part implements Feed
{
    private Feed $feed;
    private int $from;
    private int $most;

    public function __construct(Feed $feed, int $from, int $most)
    {
        $this->feed = $feed;
        $this->from = $from;
        $this->most = $most;
    }

    public function read(int $length): string
    {
        $left = $this->from + $this->most - $this->feed->tell();
        if ($left <= 0) {
            return '';
        }
        return $this->feed->read(min($length, $left));
    }

    public function tell(): int
    {
        return $this->feed->tell() - $this->from;
    }
}

final class Desk
{
    public function show(string $text): string
    {
        $part = new Part($text === '' ? new Tape() : new Pipe($text), 2, 4);
        return $part->read(10);
    }
}
