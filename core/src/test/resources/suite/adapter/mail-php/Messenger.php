<?php
interface Messenger
{
    public function tell(string $who, string $what): bool;
}

final class Post
{
    private int $letters = 0;

    public function carryLetter(string $address, string $body): int
    {
        return ++$this->letters;
    }
}

final class PostMessenger implements Messenger
{
    public function __construct(private Post $post)
    {
    }

    public function tell(string $who, string $what): bool
    {
        return $this->post->carryLetter($who, $what) > 0;
    }
}

final class Harbour
{
    public function warn(Messenger $messenger): bool
    {
        return $messenger->tell('Ada', 'storm');
    }
}
