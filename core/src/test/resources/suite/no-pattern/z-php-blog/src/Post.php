<?php

declare(strict_types=1);

namespace Blog;

final class Post
{
    private array $tags = [];

    public function __construct(
        private readonly int $id,
        private string $title,
        private string $text,
        private readonly \DateTimeImmutable $written = new \DateTimeImmutable(),
    ) {
    }

    public function id(): int
    {
        return $this->id;
    }

    public function rename(string $title): void
    {
        if (trim($title) === '') {
            throw new \InvalidArgumentException('a post needs a title');
        }
        $this->title = $title;
    }

    public function tag(string ...$tags): self
    {
        $this->tags = array_unique([...$this->tags, ...$tags]);
        return $this;
    }

    public function excerpt(int $length = 80): string
    {
        return mb_substr($this->text, 0, $length) . '…';
    }

    public function isTagged(string $tag): bool
    {
        return in_array($tag, $this->tags, true);
    }
}
