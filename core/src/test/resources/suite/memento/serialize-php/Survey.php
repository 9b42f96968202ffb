<?php

namespace Census;

final readonly class Answers
{
    public function __construct(private array $rows, private int $page)
    {
    }

    public function rows(): array
    {
        return $this->rows;
    }

    public function page(): int
    {
        return $this->page;
    }
}

class Survey
{
    private array $rows = [];
    private int $page = 1;

    public function answer(string $question, string $text): void
    {
        $this->rows[$question] = $text;
        $this->page++;
    }

    public function keep(): Answers
    {
        return new Answers($this->rows, $this->page);
    }

    public function resume(Answers $answers): void
    {
        $this->rows = $answers->rows();
        $this->page = $answers->page();
    }
}
