<?php

namespace Forum;

interface ChatRoom
{
    public function join(Member $member): void;

    public function say(string $text, Member $from): void;
}

class Member
{
    private array $inbox = [];

    public function __construct(private string $name, private ChatRoom $room)
    {
        $room->join($this);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function write(string $text): void
    {
        $this->room->say($text, $this);
    }

    public function hear(string $text, Member $from): void
    {
        $this->inbox[] = $from->name() . ': ' . $text;
    }
}

class Moderator extends Member
{
    public function hear(string $text, Member $from): void
    {
        if (str_contains($text, 'spam')) {
            $this->write('please stop, ' . $from->name());
        }
        parent::hear($text, $from);
    }
}

class Lounge implements ChatRoom
{
    /** @var Member[] */
    private array $members = [];

    public function join(Member $member): void
    {
        $this->members[] = $member;
    }

    public function say(string $text, Member $from): void
    {
        foreach ($this->members as $member) {
            if ($member !== $from) {
                $member->hear($text, $from);
            }
        }
    }
}
