<?php
namespace Aldera\Feeds;

use Aldera\Pumps\Feed;

final class Pipe implements Feed
{
    private string $text = '';
    private string $name = 'pipe';

    public function read(int $length): string { return substr($this->text, 0, $length); }

    public function name(): string { return $this->name; }
}

final class Tape implements Feed
{
    private int $at = 0;

    public function read(int $length): string
    {
        $this->at += $length;
        return str_repeat('.', $length);
    }

    public function name(): string { return 'tape at ' . $this->at; }
}

final class Loud implements Feed
{
    /** @var Pipe */
    private $feed;

    public function __construct()
    {
        $this->feed = new Pipe();
    }

    public function read(int $length): string
    {
        return strtoupper($this->feed->read($length));
    }

    public function name(): string
    {
        return $this->feed->name();
    }
}
